<?php

declare(strict_types=1);

namespace App\Line\Told;

use App\Http\Resources\Resource;
use Core\Line\Ahead\NextChild;

/**
 * A chair, whoever sits in it and whoever paints there, and the taps that one press of undo takes back.
 *
 * @phpstan-type NextInLine array{ticketId: string, savesMs: int}
 */
final readonly class ChairState extends Resource
{
    /**
     * @param  string|null  $painterId  null where nobody is known to paint there
     * @param  NextInLine|null  $next
     * @param  int|null  $awayUntil  on a break, and meant to be back by then
     * @param  list<string>  $undoable ids of the last tap's events, newest first
     */
    public function __construct(
        public int $chair,
        public ?string $painterId,
        public ?int $awayUntil,
        public ?SeatedChild $child,
        public array $undoable,
        public ?array $next,
    ) {}

    /** @param  array<string, int>  $promises  milliseconds by design */
    public static function of(int $chair, LineRead $read, array $promises): self
    {
        $line = $read->story->line;
        $ticket = $line->seatedOn($chair);
        $next = $read->nextFor($chair);

        return new self(
            chair: $chair,
            painterId: $read->painterAt($chair, $read->now),
            awayUntil: $line->seats->at($chair)?->awayUntil?->epochMilliseconds,
            child: $ticket?->face === null ? null : SeatedChild::of($ticket, $ticket->face, $promises[$ticket->design] ?? null),
            undoable: $line->undoable($chair),
            next: $next === null ? null : self::nextInLine($next),
        );
    }

    /** @return NextInLine whom a chair takes next, and what all who wait gain together by it against taking whoever stands in front */
    private static function nextInLine(NextChild $next): array
    {
        return ['ticketId' => $next->ticket, 'savesMs' => $next->saves];
    }
}
