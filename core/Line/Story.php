<?php

declare(strict_types=1);

namespace Core\Line;

/**
 * The events of a day with the line that they come to. Of a long day only those are kept that a screen can still show or take
 * back; what is later is folded on top of them, and so is what is late, as long as it does not reach back to those who went.
 */
final readonly class Story
{
    /**
     * @param  list<JudgedEvent>  $events  in the line's own time
     * @param  Line  $line  folded from all events of the day
     */
    private function __construct(public array $events, public Line $line) {}

    /** @param  iterable<LineEvent>  $events  all of a day, in any order, repeats allowed */
    public static function of(iterable $events): self
    {
        $events = Line::inOrder($events);

        return self::judged($events, Line::fold($events));
    }

    /**
     * What was kept of a story, told again.
     *
     * @param  list<JudgedEvent>  $events  in the line's own time
     */
    public static function told(array $events, Forgotten $forgotten): self
    {
        return new self($events, (new Line(forgotten: $forgotten))->told($events));
    }

    /**
     * With more events, in any order, repeats allowed: the same as of() gives for all events of the day.
     *
     * @param  iterable<LineEvent>  $events
     *
     * @throws NeedsWholeDay when one reaches back to a child that was forgotten
     */
    public function with(iterable $events): self
    {
        $known = array_fill_keys(array_map(static fn (JudgedEvent $judged): string => $judged->event->id, $this->events), true);
        $new = array_values(array_filter(Line::inOrder($events), static fn (LineEvent $event): bool => ! isset($known[$event->id])));
        if ($new === []) {
            return $this;
        }
        $this->refuseIfForgotten($new, $known);
        $isLater = static fn (JudgedEvent $judged): bool => LineEvent::compare($judged->event, $new[0]) > 0;
        $later = array_values(array_filter($this->events, $isLater));
        $earlier = array_slice($this->events, 0, count($this->events) - count($later));
        $line = $later === [] ? $this->line : (new Line(forgotten: $this->line->forgotten))->told($earlier);
        $rest = Line::inOrder([...array_map(static fn (JudgedEvent $judged): LineEvent => $judged->event, $later), ...$new]);
        $line = $line->told(array_map(static fn (LineEvent $event): JudgedEvent => new JudgedEvent($event), $rest));
        if ($line->forgotten->until !== null && count($line->ended()) < count($this->line->ended())) {
            // Whoever was brought back leaves a place in the list of those who went, to one who was forgotten.
            throw NeedsWholeDay::for($new[0]->id);
        }

        return new self([...$earlier, ...self::judged($rest, $line)->events], $line);
    }

    /** @return list<FacePlan> that its events tell of, each once */
    public function plans(): array
    {
        $plans = [];
        foreach ($this->events as $judged) {
            if ($judged->event->plan !== null) {
                $plans[$judged->event->plan->id] ??= $judged->event->plan;
            }
        }

        return array_values($plans);
    }

    /** Enough to show the line and to go on from: with the newest of those who went only. */
    public function forgetting(int $endedKept): self
    {
        $line = $this->line->forgetting($endedKept, $this->events);
        $ticketOf = self::ticketsOf($this->events);
        $gone = array_diff_key($this->line->tickets, $line->tickets);
        $kept = array_values(array_filter(
            $this->events,
            static fn (JudgedEvent $judged): bool => ! isset($gone[$ticketOf[$judged->event->id] ?? '']),
        ));

        return new self($kept, $line);
    }

    /**
     * The child that each event is about, an undo that of the event it takes back.
     *
     * @param  list<JudgedEvent>  $events
     * @return array<string, string|null>
     */
    public static function ticketsOf(array $events): array
    {
        $tickets = [];
        foreach ($events as $judged) {
            $tickets[$judged->event->id] = $judged->event->ticket;
        }
        foreach ($events as $judged) {
            $tickets[$judged->event->id] ??= $tickets[$judged->event->target ?? ''] ?? null;
        }

        return $tickets;
    }

    /** @param  list<LineEvent>  $events  in order */
    private static function judged(array $events, Line $line): self
    {
        return new self(
            array_map(
                static fn (LineEvent $event): JudgedEvent => new JudgedEvent(
                    $event,
                    $line->past->rankAfter($event, $line->tickets),
                    $line->setAside[$event->id] ?? null,
                ),
                $events,
            ),
            $line,
        );
    }

    /**
     * @param  list<LineEvent>  $new
     * @param  array<string, true>  $known  ids of events
     */
    private function refuseIfForgotten(array $new, array $known): void
    {
        $until = $this->line->forgotten->until;
        if ($until === null) {
            return;
        }
        $tickets = array_fill_keys(array_map(static fn (JudgedEvent $judged): string => $judged->event->ticket ?? '', $this->events), true);
        foreach ($new as $event) {
            $reachesBack = match (true) {
                ! $event->at->isAfter($until) => true,
                $event->kind === EventKind::Undone => ! isset($known[(string) $event->target]),
                $event->kind === EventKind::Joined => $event->number <= $this->line->forgotten->highestNumber
                    && ! isset($tickets[$event->ticket]),
                default => $event->ticket !== null && ! isset($tickets[$event->ticket]),
            };
            if ($reachesBack) {
                throw NeedsWholeDay::for($event->id);
            }
            $known[$event->id] = true;
            $tickets[$event->ticket ?? ''] = true;
        }
    }
}
