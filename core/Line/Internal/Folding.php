<?php

declare(strict_types=1);

namespace Core\Line\Internal;

use Core\Line\JudgedEvent;
use Core\Line\Line;
use Core\Line\LineEvent;
use Core\Line\Seating\Seats;
use Core\Line\TapSetAside;
use Core\Line\Ticket;

/** A line while events are told to it, each of which changes it in place: what one event costs does not grow with the line. */
final class Folding
{
    /**
     * As in Line.
     *
     * @param  array<string, Ticket>  $tickets
     * @param  array<int, string>  $chairs
     * @param  array<string, string>  $setAside
     * @param  array<string, true>  $soldOut
     */
    private function __construct(
        private readonly Line $before,
        public bool $isOpen,
        public array $tickets,
        public array $chairs,
        private array $setAside,
        public Past $past,
        private ?LineEvent $newest,
        public Seats $seats,
        public array $soldOut,
    ) {}

    public static function of(Line $line): self
    {
        return new self(
            before: $line,
            isOpen: $line->isOpen,
            tickets: $line->tickets,
            chairs: $line->chairs,
            setAside: $line->setAside,
            past: clone $line->past,
            newest: $line->newest,
            seats: $line->seats,
            soldOut: $line->soldOut,
        );
    }

    /** Where it is known already what became of an event, that is what becomes of it. */
    public function tell(JudgedEvent $judged): void
    {
        try {
            if ($judged->aside !== null) {
                throw TapSetAside::because($judged->aside);
            }
            EventHandlers::apply($this, $judged->event, $judged->rank);
        } catch (TapSetAside $reason) {
            $this->setAside[$judged->event->id] = $reason->getMessage();
        }
        $this->newest = $judged->event;
    }

    /** As it stands. What is told to this afterwards changes it, too: nobody keeps it but as the end. */
    public function line(): Line
    {
        return new Line(
            isOpen: $this->isOpen,
            tickets: $this->tickets,
            chairs: $this->chairs,
            setAside: $this->setAside,
            past: $this->past,
            newest: $this->newest,
            forgotten: $this->before->forgotten,
            seats: $this->seats,
            soldOut: $this->soldOut,
        );
    }
}
