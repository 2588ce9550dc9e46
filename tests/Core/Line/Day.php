<?php

declare(strict_types=1);

namespace Tests\Core\Line;

use Core\Line\Ahead\AfterFace;
use Core\Line\EventKind;
use Core\Line\FacePlan;
use Core\Line\Line;
use Core\Line\LineEvent;
use Core\Line\Payment;
use Core\Line\PlannedStep;
use Core\Line\Ticket;
use Core\Units\Duration;
use Core\Units\Instant;
use Random\Randomizer;

/** Writes the events of a day down, a second apart where no time is given. Tickets are named by their number. */
final class Day
{
    /** @var list<LineEvent> */
    public array $events = [];

    private int $second = 0;

    public static function open(): self
    {
        return (new self)->tap(EventKind::Opened);
    }

    /** @param  int|null  $at seconds after the day began */
    public function tap(EventKind $kind, ?int $ticket = null, ?int $at = null, mixed ...$more): self
    {
        $this->second = $at ?? $this->second + 1;
        $this->events[] = new LineEvent(
            sprintf('e%04d', count($this->events)),
            $kind,
            self::at($this->second),
            ...[...($ticket === null ? [] : ['ticket' => "t{$ticket}"]), ...$more],
        );

        return $this;
    }

    public function join(int $number, ?int $at = null, string $design = 'wave'): self
    {
        return $this->tap(EventKind::Joined, $number, $at, number: $number, design: $design);
    }

    /** @param  list<int>  $seconds of each planned step, named s1, s2 and so on */
    public function seat(int $ticket, int $chair = 1, ?int $at = null, array $seconds = [30, 20]): self
    {
        return $this->tap(EventKind::Seated, $ticket, $at, chair: $chair, plan: self::plan($seconds));
    }

    /** @param  list<int>  $seconds of each step of the plan from then on, named s1, s2 and so on */
    public function trim(int $ticket, array $seconds, int $at): self
    {
        return $this->tap(EventKind::Trimmed, $ticket, $at, plan: self::plan($seconds));
    }

    public function done(int $ticket, string $step, ?int $at = null): self
    {
        return $this->tap(EventKind::StepDone, $ticket, $at, step: $step);
    }

    public function skip(int $ticket, string $step, ?int $at = null): self
    {
        return $this->tap(EventKind::StepSkipped, $ticket, $at, step: $step);
    }

    /** Takes the last event back, or the one of that place in the list. */
    public function undo(?int $place = null, ?int $at = null): self
    {
        return $this->tap(EventKind::Undone, null, $at, target: sprintf('e%04d', $place ?? count($this->events) - 1));
    }

    public function fold(): Line
    {
        return Line::fold($this->events);
    }

    public function ticket(int $number): Ticket
    {
        return $this->fold()->tickets["t{$number}"];
    }

    /** @return list<int> numbers of those in line, first one first */
    public function queue(): array
    {
        return array_map(static fn (Ticket $ticket): int => $ticket->number, $this->fold()->queue());
    }

    public static function at(int $second): Instant
    {
        return Instant::ofEpochMilliseconds($second * 1000);
    }

    /** @param  list<int>  $seconds */
    public static function plan(array $seconds): FacePlan
    {
        $id = 'plan '.implode(' ', $seconds);
        $steps = array_map(
            static fn (int $planned, int $index): PlannedStep => new PlannedStep(
                's'.($index + 1),
                'step '.($index + 1),
                Duration::ofSeconds($planned),
                $id,
            ),
            $seconds,
            array_keys($seconds),
        );

        return new FacePlan($id, 'Wave band', $steps);
    }

    /** Taps as a day brings them: numbers in turn, children come and go, now and then one is taken back. */
    public static function likely(Randomizer $chance, int $taps): self
    {
        $day = self::open();
        $joined = 0;
        for ($count = 0; $count < $taps; $count++) {
            $recent = max(1, $joined - $chance->getInt(0, 5));
            match ($chance->getInt(0, 13)) {
                0, 1, 2 => $day->join(++$joined),
                3, 4, 5 => $day->seat($recent, $chance->getInt(1, 2)),
                6, 7 => $day->done($recent, 's'.$chance->getInt(1, 2)),
                8 => $day->skip($recent, 's'.$chance->getInt(1, 2)),
                9, 10 => $day->tap(EventKind::Finished, $recent),
                11 => $day->tap([EventKind::Left, EventKind::NoShow, EventKind::Removed][$chance->getInt(0, 2)], $recent),
                12 => $day->tap(EventKind::Moved, $recent),
                default => $chance->getInt(0, 2) === 0 ? $day->undo() : $day->tap(EventKind::Called, $recent),
            };
        }

        return $day;
    }

    /** Any taps at all, sensible or not, on a handful of children and two chairs. */
    public static function any(Randomizer $chance, int $taps): self
    {
        $day = self::open();
        $often = [
            EventKind::Joined, EventKind::Seated, EventKind::StepDone, EventKind::StepDone, EventKind::StepSkipped,
            EventKind::Undone,
        ];
        $kinds = [...EventKind::cases(), ...$often, ...$often];
        for ($count = 0; $count < $taps; $count++) {
            // Several taps share an instant, so that ties are met too.
            $at = 1 + intdiv($count, 2) + $chance->getInt(0, 2);
            $ticket = $chance->getInt(1, 5);
            match ($kind = $kinds[$chance->getInt(0, count($kinds) - 1)]) {
                EventKind::Opened, EventKind::Closed => $chance->getInt(0, 5) === 0
                    ? $day->tap($kind, null, $at)
                    : $day->join($ticket, $at),
                EventKind::Joined => $day->join($ticket, $at),
                EventKind::Changed => $day->tap($kind, $ticket, $at, design: 'crab', firstName: 'Wren'),
                EventKind::Moved => $day->tap($kind, $ticket, $at, before: $chance->getInt(0, 1) === 0 ? null : 't'.$chance->getInt(1, 5)),
                EventKind::Seated => $day->seat($ticket, $chance->getInt(1, 2), $at),
                EventKind::ChairTaken, EventKind::HandedOver => $day->tap(
                    $kind,
                    null,
                    $at,
                    chair: $chance->getInt(1, 2),
                    painter: ['ines', 'tobi', 'ada'][$chance->getInt(0, 2)],
                ),
                EventKind::BreakBegan => $day->tap($kind, null, $at, chair: $chance->getInt(1, 2), until: self::at($at + 600)),
                EventKind::BreakEnded => $day->tap($kind, null, $at, chair: $chance->getInt(1, 2)),
                EventKind::Trimmed => $day->trim($ticket, $chance->getInt(0, 1) === 0 ? [70] : [90, 20], $at),
                EventKind::StepDone => $day->done($ticket, 's'.$chance->getInt(1, 2), $at),
                EventKind::StepSkipped => $day->skip($ticket, 's'.$chance->getInt(1, 2), $at),
                EventKind::WipedOff,
                EventKind::BothDone,
                EventKind::LeftForLater => $day->tap($kind, $ticket, $at, step: 's'.$chance->getInt(1, 2)),
                EventKind::Asked => $day->tap($kind, $ticket, $at, answers: [], without: $chance->getInt(0, 1) === 0 ? [] : ['s2']),
                EventKind::PartDone => $day->tap($kind, $ticket, $at, part: AfterFace::cases()[$chance->getInt(0, 2)]),
                EventKind::Paid => $day->tap($kind, $ticket, $at, cents: 500, payment: Payment::Cash),
                EventKind::Mended => $day->tap($kind, $ticket, $at, step: 's1', spent: Duration::ofSeconds($chance->getInt(5, 50))),
                EventKind::SoldOut, EventKind::OnMenuAgain => $day->tap($kind, null, $at, design: 'wave'),
                EventKind::Undone => $day->undo($chance->getInt(max(1, $count - 4), max(1, $count)), $at),
                default => $day->tap($kind, $ticket, $at),
            };
        }

        return $day;
    }
}
