<?php

declare(strict_types=1);

namespace Core\Line\Texts;

use Core\Line\Ahead\Forecast;
use Core\Line\Ahead\Outlook;
use Core\Line\TicketStatus;
use Core\Units\Instant;

/** Which words are due to whom who waits in a line. Whether they were sent before is not its business. */
final readonly class TextsDue
{
    private const BEFORE = 2;

    /** The way from the merry-go-round to the chairs. Team's estimate. */
    private const WALK_MS = 60_000;

    /** Whoever waits is told so long before the end that they can still come. Team's estimate. */
    private const CLOSING_MS = 20 * 60_000;

    /** @return array<string, list<TextKind>> by ticket, for those to whom something is due */
    public static function of(Outlook $outlook, Instant $closes): array
    {
        $isClosing = ! $outlook->line->isOpen || $closes->since($outlook->now)->milliseconds <= self::CLOSING_MS;
        $due = [];
        $before = 0;
        foreach (Forecast::of($outlook)->calls as $call) {
            $isTurn = $call->ticket->status === TicketStatus::Called
                || $call->callAt->since($outlook->now)->milliseconds <= self::WALK_MS;
            $due[$call->ticket->id] = array_keys(array_filter([
                TextKind::YourTurn->value => $isTurn,
                TextKind::TwoBefore->value => ! $isTurn && $before <= self::BEFORE,
                TextKind::Closing->value => ! $isTurn && $isClosing,
            ]));
            // Who was called and is not there is before nobody.
            $before += $outlook->isOverdue($call->ticket) ? 0 : 1;
        }

        return array_map(
            static fn (array $kinds): array => array_map(TextKind::from(...), $kinds),
            array_filter($due, static fn (array $kinds): bool => $kinds !== []),
        );
    }
}
