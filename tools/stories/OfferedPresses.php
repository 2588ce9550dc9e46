<?php

declare(strict_types=1);

namespace Tools\stories;

use Core\Line\Ahead\AfterFace;
use Core\Line\Caution;
use Core\Line\EventKind;
use Core\Line\Face;
use Core\Line\FacePlan;
use Core\Line\Line;
use Core\Line\LineEvent;
use Core\Line\PauseReason;
use Core\Line\Payment;
use Core\Line\StepStatus;
use Core\Line\Ticket;
use Core\Units\Duration;
use Core\Units\Instant;
use Random\Randomizer;

/** The presses that a screen offers as a line stands, as the events that each makes: what chair and names desk can do. */
final class OfferedPresses
{
    private int $made = 0;

    /** @param  non-empty-array<string, FacePlan>  $plans  by design */
    public function __construct(private readonly Randomizer $chance, private readonly array $plans, private readonly int $chairs) {}

    /** @return list<LineEvent> one press, chosen by chance among all that are offered */
    public function press(Line $line, int $atMs): array
    {
        $offered = [
            ...$this->doors($line),
            ...array_merge(...array_map(fn (int $chair): array => $this->onChair($line, $chair), range(1, $this->chairs))),
            ...array_merge(...array_map(fn (int $chair): array => $this->ofRoster($line, $chair, $atMs), range(1, $this->chairs))),
            ...array_merge([], ...array_map(fn (Ticket $ticket): array => $this->onWaiting($line, $ticket), $line->queue())),
            ...array_map(
                static fn (Ticket $ticket): array => [[EventKind::Undone, ['target' => $line->newestEventOf($ticket->id)]]],
                array_slice($line->ended(), 0, 3),
            ),
        ];
        $press = $offered[$this->chance->getInt(0, count($offered) - 1)];

        return array_map(
            fn (array $said): LineEvent => new LineEvent($this->id($atMs), $said[0], Instant::ofEpochMilliseconds($atMs), ...$said[1]),
            $press,
        );
    }

    /** @return list<list<array{EventKind, array<string, mixed>}>> */
    private function doors(Line $line): array
    {
        if (! $line->isOpen) {
            return [[[EventKind::Opened, []]]];
        }
        $number = $line->highestNumber() + 1;
        $join = fn (): array => [[
            EventKind::Joined,
            [
                'ticket' => "t{$number}-".$this->chance->getInt(100, 999),
                'number' => $number,
                'firstName' => $this->chance->getInt(0, 1) === 0 ? null : 'Noor',
                'design' => $this->design(),
                'painter' => $this->chance->getInt(0, 4) === 0 ? ['ines', 'tobi', 'ada'][$this->chance->getInt(0, 2)] : null,
                'party' => $this->chance->getInt(0, 4) === 0 ? 'p'.intdiv($number, 3) : null,
                'note' => $this->chance->getInt(0, 4) === 0 ? 'blue coat' : null,
            ],
        ]];
        $offer = [$line->soldOut === [] ? EventKind::SoldOut : EventKind::OnMenuAgain, [
            'design' => array_key_first($line->soldOut) ?? $this->design(),
        ]];

        // Nobody lets a line grow for ever: then the chairs have their turn.
        return [
            ...(count($line->queue()) > 6 ? [] : [$join(), $join(), $join()]),
            ...($this->chance->getInt(0, 9) === 0 ? [[[EventKind::Closed, []]]] : []),
            ...($this->chance->getInt(0, 4) === 0 ? [[$offer]] : []),
        ];
    }

    /** @return list<list<array{EventKind, array<string, mixed>}>> */
    private function onChair(Line $line, int $chair): array
    {
        $next = $line->queue()[0] ?? null;
        $back = $line->seats->at($chair)?->awayUntil === null ? [] : [[EventKind::BreakEnded, ['chair' => $chair]]];
        $seat = static fn (FacePlan $plan): array => [EventKind::Seated, ['ticket' => $next?->id, 'chair' => $chair, 'plan' => $plan]];
        $undo = array_map(static fn (string $id): array => [EventKind::Undone, ['target' => $id]], $line->undoable($chair));
        $offered = $undo === [] ? [] : [$undo];
        $sitting = $line->seatedOn($chair);
        if ($sitting?->face === null) {
            return $next === null ? $offered : [
                ...$offered,
                [...$back, $seat($this->plans[$next->design])],
                [...$back, $seat($this->plans[$next->design])],
            ];
        }
        $about = ['ticket' => $sitting->id];
        $current = $sitting->face->currentStep();
        $offered = [
            ...$offered,
            [[EventKind::Finished, $about]],
            ...($next === null ? [] : [[[EventKind::Finished, $about], ...$back, $seat($this->plans[$next->design])]]),
        ];
        $wipe = [EventKind::WipedOff, [...$about, 'step' => $current ?? $sitting->face->runs[0]->step->id]];
        if ($current === null) {
            return [...$offered, [$wipe], ...$this->onPainted($sitting->face, $about)];
        }
        $done = [[EventKind::StepDone, [...$about, 'step' => $current]]];

        return [
            ...$offered, $done, $done, $done,
            [[EventKind::BothDone, [...$about, 'step' => $current]]],
            [[EventKind::LeftForLater, [...$about, 'step' => $current]]],
            [[EventKind::StepSkipped, [...$about, 'step' => $current]]],
            [$sitting->face->pausedAt === null
                ? [EventKind::Paused, [...$about, 'reason' => PauseReason::Dry]]
                : [EventKind::Resumed, $about]],
            ...($sitting->face->cautions === null ? [[$this->ask($sitting->face, $about)]] : []),
            ...($this->chance->getInt(0, 3) === 0 ? [[$wipe]] : []),
            [[EventKind::Left, $about]],
            ...$this->quicker($sitting, $about),
        ];
    }

    /**
     * @param  array{ticket: string}  $about
     * @return list<list<array{EventKind, array<string, mixed>}>> what comes after the last stroke
     */
    private function onPainted(Face $face, array $about): array
    {
        return [
            [[EventKind::Paid, [...$about, 'cents' => 400, 'payment' => Payment::cases()[$this->chance->getInt(0, 2)]]]],
            [[EventKind::PartDone, [...$about, 'part' => AfterFace::cases()[$this->chance->getInt(0, 5)]]]],
            [[EventKind::Mended, [...$about, 'step' => $face->runs[0]->step->id, 'spent' => Duration::ofSeconds(40)]]],
        ];
    }

    /**
     * @param  array{ticket: string}  $about
     * @return array{EventKind, array<string, mixed>} now and then something is left out for the answer
     */
    private function ask(Face $face, array $about): array
    {
        $last = $face->runs[count($face->runs) - 1];

        return [EventKind::Asked, $this->chance->getInt(0, 2) === 0
            ? [...$about, 'answers' => [Caution::Lips], 'without' => [$last->step->id]]
            : [...$about, 'answers' => []]];
    }

    /** @return list<list<array{EventKind, array<string, mixed>}>> who sits down there, and breaks; not as often as faces are painted */
    private function ofRoster(Line $line, int $chair, int $atMs): array
    {
        if ($this->chance->getInt(0, 2) > 0) {
            return [];
        }
        $seat = $line->seats->at($chair);
        $painter = ['ines', 'tobi', 'ada'][$this->chance->getInt(0, 2)];
        $kind = $seat?->painter === null ? EventKind::ChairTaken : EventKind::HandedOver;
        $until = Instant::ofEpochMilliseconds($atMs + $this->chance->getInt(0, 10) * 60_000);

        return [
            ...($seat?->painter === $painter ? [] : [[[$kind, ['chair' => $chair, 'painter' => $painter]]]]),
            $seat?->awayUntil === null ? [[
                EventKind::BreakBegan,
                ['chair' => $chair, 'until' => $until],
            ]] : [[EventKind::BreakEnded, ['chair' => $chair]]],
        ];
    }

    /**
     * @param  array{ticket: string}  $about
     * @return list<list<array{EventKind, array<string, mixed>}>>
     */
    private function quicker(Ticket $sitting, array $about): array
    {
        $past = array_filter($sitting->face->runs ?? [], static fn ($run): bool => $run->status !== StepStatus::Pending);
        $gone = array_map(static fn ($run): string => $run->step->id, $past);
        $left = array_filter(
            $this->plans,
            static fn (FacePlan $plan): bool => array_filter(
                $plan->steps,
                static fn ($step): bool => ! in_array($step->id, $gone, true),
            ) !== [],
        );

        return array_values(array_map(static fn (FacePlan $plan): array => [[
            EventKind::Trimmed,
            [...$about, 'plan' => $plan, 'design' => $plan->id === 'plan-dots' ? 'dots' : null],
        ]], $left));
    }

    /** @return list<list<array{EventKind, array<string, mixed>}>> */
    private function onWaiting(Line $line, Ticket $ticket): array
    {
        $about = ['ticket' => $ticket->id];
        $before = $line->queue()[$this->chance->getInt(0, count($line->queue()) - 1)];
        $go = [EventKind::Left, EventKind::NoShow, EventKind::Removed][$this->chance->getInt(0, 2)];
        $offered = [
            $ticket->calls < 2 ? [EventKind::Called, $about] : [EventKind::NoShow, $about],
            [EventKind::Moved, [...$about, 'before' => $before->id === $ticket->id ? null : $before->id]],
            [EventKind::Changed, [...$about, 'design' => $this->design(), 'firstName' => 'Wren', 'painter' => $ticket->wish]],
            [$go, $about],
        ];

        // One of them, or a long line would drown the chairs.
        return [[$offered[$this->chance->getInt(0, 3)]]];
    }

    private function design(): string
    {
        return array_keys($this->plans)[$this->chance->getInt(0, count($this->plans) - 1)];
    }

    private function id(int $atMs): string
    {
        return sprintf('%013d-%04d', $atMs, $this->made++);
    }
}
