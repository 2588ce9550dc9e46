<?php

declare(strict_types=1);

namespace Tools\stories;

use Core\Line\Ahead\Forecast;
use Core\Line\Ahead\Outlook;
use Core\Line\Ahead\PlannedTimes;
use Core\Line\Ahead\Windows;
use Core\Line\EventKind;
use Core\Line\FacePlan;
use Core\Line\Line;
use Core\Line\LineEvent;
use Core\Line\PlannedStep;
use Core\Line\Seating\Roster;
use Core\Line\Seating\Shift;
use Core\Units\Duration;
use Core\Units\Instant;
use Random\Randomizer;

/**
 * A day at the chairs, lived by a model of its own and not by that of Core\Line\Ahead\Windows: gamma-distributed steps, painters who are
 * quicker or slower than the plan and tire, pauses, faces that are wiped off, children who walk away or are not there, an hour in
 * which many come at once, a lunch break.
 */
final class LikelyDay
{
    private Line $line;

    /** @var array<int, array{string, list<array{float, string}>, float}> by chair: who sits there, steps and their ends, the end */
    private array $sitting = [];

    /** @var array<int, float> by chair: seconds for one at the plan's pace */
    private array $pace = [];

    /** @var list<array{hour: int, place: int, from: float, until: float, about: float, planned: float, called: float|null}> seconds */
    private array $promised = [];

    /** @var array<string, int> place in that list by ticket */
    private array $promiseOf = [];

    private int $made = 0;

    private readonly Roster $roster;

    /** @var non-empty-array<string, FacePlan> */
    private readonly array $plans;

    /**
     * @param  positive-int  $chairs
     * @param  positive-int  $every  promises are asked for of every such child, to save time
     */
    public function __construct(
        private readonly Randomizer $chance,
        private readonly int $chairs,
        private readonly int $hours,
        private readonly int $every = 1,
    ) {
        $this->line = new Line;
        $this->plans = [
            'wave' => self::plan('wave', [40, 50, 30]),
            'seal' => self::plan('seal', [60, 80, 60, 40]),
            'mask' => self::plan('mask', [70, 90, 80, 60, 45]),
        ];
        $day = $this->normal() * 0.08;
        $shifts = [];
        for ($chair = 1; $chair <= $chairs; $chair++) {
            $this->pace[$chair] = exp($day + $this->normal() * 0.13);
            $lunch = 5400 + 1800 * ($chair - 1);
            $at = static fn (int $second): Instant => Instant::ofEpochMilliseconds($second * 1000);
            $shifts = [
                ...$shifts,
                new Shift($chair, "p{$chair}", $at(0)),
                new Shift($chair, null, $at($lunch)),
                new Shift($chair, "p{$chair}", $at($lunch + 1200)),
            ];
        }
        $this->roster = new Roster($shifts);
    }

    /** @return list<array{hour: int, place: int, from: float, until: float, about: float, planned: float, called: float|null}> */
    public function live(): array
    {
        $now = 0.0;
        $end = $this->hours * 3600.0;
        $this->tap(EventKind::Opened, 0);
        $arrives = $this->next(0.0);
        while ($now < $end + 7200) {
            $chair = $this->soonest();
            $ends = $chair === null ? INF : $this->soon($chair);
            if ($arrives >= $end && $ends === INF && $this->line->queue() === []) {
                break;
            }
            $free = $this->freeChair($now);
            if ($free !== null && $this->line->queue() !== []) {
                $this->seat($free, $now);

                continue;
            }
            $now = min($arrives < $end ? $arrives : INF, $ends, $now + 60);
            if ($now === $ends && $chair !== null) {
                $this->goOn($chair, $now);
            } elseif ($now === $arrives) {
                $this->arrive($now);
                $arrives = $this->next($now);
            } elseif ($this->unit() < 0.02) {
                $this->walkAway($now);
            }
        }

        return $this->promised;
    }

    private function arrive(float $now): void
    {
        $number = $this->line->highestNumber() + 1;
        $design = array_keys($this->plans)[$this->chance->getInt(0, 2)];
        $this->tap(EventKind::Joined, $now, ticket: "t{$number}", number: $number, design: $design);
        if (count($this->line->queue()) > 45 || $number % $this->every > 0) {
            return;
        }
        $outlook = new Outlook(
            line: $this->line,
            planned: new PlannedTimes(array_map(static fn (FacePlan $plan): Duration => $plan->total(), $this->plans)),
            roster: $this->roster,
            turnaround: Duration::ofSeconds(60),
            chairs: $this->chairs,
            now: self::at($now),
        );
        $window = Windows::of($outlook)["t{$number}"];
        $calls = Forecast::of($outlook)->calls;
        $this->promiseOf["t{$number}"] = count($this->promised);
        $this->promised[] = [
            'hour' => (int) ($now / 3600),
            'place' => count($this->line->queue()),
            'from' => $window->from->epochMilliseconds / 1000 - $now,
            'about' => $window->about->epochMilliseconds / 1000 - $now,
            'until' => $window->until->epochMilliseconds / 1000 - $now,
            'planned' => end($calls)->callAt->epochMilliseconds / 1000 - $now,
            'called' => null,
        ];
    }

    private function seat(int $chair, float $now): void
    {
        $ticket = $this->line->queue()[0];
        $this->promised($ticket->id, $now, $ticket->joinedAt->epochMilliseconds / 1000);
        if ($this->unit() < 0.05) {
            $this->tap(EventKind::NoShow, $now, ticket: $ticket->id);

            return;
        }
        $plan = $this->plans[$ticket->design];
        $this->tap(EventKind::Seated, $now, ticket: $ticket->id, chair: $chair, plan: $plan);
        $tired = 1 + 0.02 * $now / 3600;
        $at = $now;
        $steps = [];
        foreach ($plan->steps as $step) {
            $at += $step->planned->milliseconds / 1000 * $this->pace[$chair] * $tired * $this->gamma(6);
            $at += $this->unit() < 0.02 ? (20 + 130 * $this->unit()) : 0;
            $steps[] = [$at, $step->id];
        }
        $this->sitting[$chair] = [$ticket->id, $steps, $at + 60 * $this->gamma(6)];
    }

    private function goOn(int $chair, float $now): void
    {
        [$ticket, $steps] = $this->sitting[$chair];
        $step = array_shift($this->sitting[$chair][1]);
        if ($steps !== [] && $step !== null) {
            $this->tap(EventKind::StepDone, $now, ticket: $ticket, step: $step[1]);

            return;
        }
        $this->tap(EventKind::Finished, $now, ticket: $ticket);
        unset($this->sitting[$chair]);
    }

    private function walkAway(float $now): void
    {
        $queue = $this->line->queue();
        if (count($queue) > 3) {
            $ticket = $queue[$this->chance->getInt(2, count($queue) - 1)];
            unset($this->promiseOf[$ticket->id]);
            $this->tap(EventKind::Left, $now, ticket: $ticket->id);
        }
    }

    private function promised(string $ticket, float $now, float $joined): void
    {
        if (isset($this->promiseOf[$ticket])) {
            $this->promised[$this->promiseOf[$ticket]]['called'] = round($now - $joined, 2);
        }
    }

    private function soonest(): ?int
    {
        $chairs = array_keys($this->sitting);
        usort($chairs, fn (int $one, int $other): int => $this->soon($one) <=> $this->soon($other));

        return $chairs[0] ?? null;
    }

    private function soon(int $chair): float
    {
        return $this->sitting[$chair][1][0][0] ?? $this->sitting[$chair][2];
    }

    private function freeChair(float $now): ?int
    {
        for ($chair = 1; $chair <= $this->chairs; $chair++) {
            $isThere = $this->roster->painterAt($chair, self::at($now), $this->line->seats) !== null;
            if ($isThere && ! isset($this->sitting[$chair])) {
                return $chair;
            }
        }

        return null;
    }

    /** A little more than the chairs can take, twice as many in the second hour. */
    private function next(float $now): float
    {
        $each = 245 / $this->chairs / ($now >= 3600 && $now < 7200 ? 1.6 : 0.85);

        return $now - $each * log(1 - $this->unit());
    }

    /** @param  positive-int  $shape  with mean 1 */
    private function gamma(int $shape): float
    {
        $sum = 0.0;
        for ($left = $shape; $left > 0; $left--) {
            $sum -= log(1 - $this->unit());
        }

        return $sum / $shape;
    }

    private function unit(): float
    {
        return $this->chance->getInt(0, 999_999_999) / 1e9;
    }

    private function normal(): float
    {
        return sqrt(-2 * log(1 - $this->unit())) * cos(2 * M_PI * $this->unit());
    }

    private function tap(EventKind $kind, float $now, mixed ...$more): void
    {
        $this->line = $this->line->after(new LineEvent(sprintf('e%05d', $this->made++), $kind, self::at($now), ...$more));
    }

    private static function at(float $second): Instant
    {
        return Instant::ofEpochMilliseconds((int) ($second * 1000));
    }

    /** @param  list<int>  $seconds */
    private static function plan(string $id, array $seconds): FacePlan
    {
        return new FacePlan($id, $id, array_map(
            static fn (int $planned, int $at): PlannedStep => new PlannedStep(
                "{$id}{$at}",
                "{$id}{$at}",
                Duration::ofSeconds($planned),
                $id,
            ),
            $seconds,
            array_keys($seconds),
        ));
    }
}
