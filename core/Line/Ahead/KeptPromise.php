<?php

declare(strict_types=1);

namespace Core\Line\Ahead;

use Core\Line\EventKind;
use Core\Line\Line;
use Core\Line\LineEvent;
use Core\Units\Duration;

/** Between when and when a child was to be called, as it was told when its name was taken, and how long it waited in the end. */
final readonly class KeptPromise
{
    private function __construct(public Duration $waited, public bool $isKept) {}

    /**
     * The day is lived through once more, and the window of each child told anew at the moment its name was taken.
     *
     * @param  list<LineEvent>  $events  of the whole day, in the line's own time
     * @param  callable(Line, LineEvent): Outlook  $outlook  on a line as it stood at an event
     * @param  int  $most  so many children are looked at, spread over the day
     * @return list<self> of those who were seated
     */
    public static function ofDay(array $events, callable $outlook, int $most): array
    {
        $seated = [];
        foreach (Line::fold($events)->tickets as $ticket) {
            if ($ticket->face !== null) {
                $seated[$ticket->id] = $ticket->face->seatedAt;
            }
        }
        $every = max(1, intdiv(count($seated), $most));
        $line = new Line;
        $kept = [];
        $joined = 0;
        foreach ($events as $event) {
            $line = $line->after($event);
            $at = $seated[$event->ticket] ?? null;
            if ($event->kind !== EventKind::Joined || $at === null || $at->epochMilliseconds < $event->at->epochMilliseconds
                || ++$joined % $every > 0) {
                continue;
            }
            $window = Windows::of($outlook($line, $event))[(string) $event->ticket] ?? null;
            if ($window !== null) {
                $kept[] = new self($at->since($event->at), ! $window->from->isAfter($at) && ! $at->isAfter($window->until));
            }
        }

        return $kept;
    }
}
