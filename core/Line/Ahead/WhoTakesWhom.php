<?php

declare(strict_types=1);

namespace Core\Line\Ahead;

use Core\Line\Ticket;

/**
 * Whom a chair takes next. Whoever stands in front, as a rule: a line that is jumped makes bad blood. Where painters differ by
 * design one of the next few is taken before them, if all who wait gain more by it together than the one who is passed would ever
 * notice. Somebody who was called and is not there is passed over; a wished painter is waited for.
 */
final readonly class WhoTakesWhom
{
    /** So many in front are looked at. Team's estimate. */
    private const LOOKED_AT = 3;

    /** What all together must gain, in milliseconds. Team's estimate. */
    public const WORTH_MS = 60_000;

    /** How much later nobody may be called for it, in milliseconds. Team's estimate. */
    private const MOST_PASSED_MS = 120_000;

    /** @return array<string, int> for the browser, which chooses by them too */
    public static function values(): array
    {
        return ['lookedAt' => self::LOOKED_AT, 'worthMs' => self::WORTH_MS, 'mostPassedMs' => self::MOST_PASSED_MS];
    }

    public static function next(Outlook $outlook, int $chair): ?NextChild
    {
        $eligible = array_slice(self::eligible($outlook, $chair), 0, self::LOOKED_AT);
        $front = $eligible[0] ?? null;
        if ($front === null) {
            return null;
        }
        $taken = new NextChild($front->id, $chair);
        if ($outlook->chairs === 1 || ! self::isFree($outlook, $chair)) {
            return $taken;
        }
        $usual = Forecast::of($outlook, $taken);
        foreach (array_slice($eligible, 1) as $ticket) {
            $other = Forecast::of($outlook, new NextChild($ticket->id, $chair));
            $saves = $usual->waitedFor() - $other->waitedFor();
            if ($saves >= max(self::WORTH_MS, $taken->saves + 1) && self::passed($usual, $other) <= self::MOST_PASSED_MS) {
                $taken = new NextChild($ticket->id, $chair, $saves);
            }
        }

        return $taken;
    }

    /** @return list<Ticket> those who may sit down there, first one first; if nobody else is left, those who wished for another too */
    private static function eligible(Outlook $outlook, int $chair): array
    {
        $here = array_values(array_filter(
            $outlook->line->queue(),
            static fn (Ticket $ticket): bool => ! $outlook->isOverdue($ticket) && self::mayTake($outlook, $ticket, $chair),
        ));

        return $here === [] ? array_slice($outlook->line->queue(), 0, 1) : $here;
    }

    private static function mayTake(Outlook $outlook, Ticket $ticket, int $chair): bool
    {
        if ($ticket->wish === null || $outlook->painterAt($chair, $outlook->now) === $ticket->wish) {
            return true;
        }
        foreach (range(1, $outlook->chairs) as $other) {
            if ($outlook->painterAt($other, $outlook->now) === $ticket->wish) {
                return false;
            }
        }

        return true;
    }

    /** Nobody sits there who is not painted. */
    private static function isFree(Outlook $outlook, int $chair): bool
    {
        $face = $outlook->line->seatedOn($chair)?->face;

        return $face === null || $face->paintedAt !== null;
    }

    /** How much later than otherwise anybody is called, in milliseconds. */
    private static function passed(Forecast $usual, Forecast $other): int
    {
        $calls = [];
        foreach ($other->calls as $call) {
            $calls[$call->ticket->id] = $call->callAt->epochMilliseconds;
        }

        return max(0, ...array_map(
            static fn (CallTime $call): int => $calls[$call->ticket->id] - $call->callAt->epochMilliseconds,
            $usual->calls,
        ));
    }
}
