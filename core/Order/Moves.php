<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Order\Search\Problem;
use Core\Order\Search\Schedule;
use Core\Units\Duration;

/** What moved between the typed order and another one, and why: as few steps as tell the whole difference. */
final readonly class Moves
{
    private function __construct(
        private DesignFacts $design,
        private Constraints $constraints,
        private Problem $problem,
        private Schedule $schedule,
    ) {}

    /** @return list<Move> in the new order */
    public static function between(DesignFacts $design, Constraints $constraints, Problem $problem, Schedule $schedule): array
    {
        $moves = new self($design, $constraints, $problem, $schedule);
        $stayed = array_flip($moves->longestRise($schedule->order));
        $list = [];
        foreach ($schedule->order as $place => $step) {
            if (! isset($stayed[$step])) {
                $list[] = new Move($design->steps[$step]->id, $step, $place, $moves->why($step, $place));
            }
        }

        return $list;
    }

    /**
     * The longest run of steps that kept their order among each other; all others moved.
     *
     * @param  list<int>  $order
     * @return list<int>
     */
    private function longestRise(array $order): array
    {
        $best = [];
        foreach ($order as $at => $step) {
            $best[$at] = [$step];
            for ($before = 0; $before < $at; $before++) {
                if ($order[$before] < $step && count($best[$before]) >= count($best[$at])) {
                    $best[$at] = [...$best[$before], $step];
                }
            }
        }
        usort($best, static fn (array $one, array $other): int => count($other) <=> count($one));

        return $best[0] ?? [];
    }

    private function why(int $step, int $place): string
    {
        return $this->broken($step) ?? $this->sameTool($step, $place) ?? $this->waits($step, $place) ?? $this->fillsWait($step, $place)
            ?? $this->leadsTo($step, $place) ?? 'It makes room for the others.';
    }

    /** A rule or pin that the typed order broke, or that lets the step wait no longer. */
    private function broken(int $step): ?string
    {
        foreach ($this->constraints->all as $constraint) {
            $isTurned = $constraint->from > $constraint->to && ($constraint->from === $step || $constraint->to === $step);
            if ($isTurned || ($constraint->to === $step && $constraint->most !== null)) {
                return $constraint->why;
            }
        }

        return null;
    }

    private function sameTool(int $step, int $place): ?string
    {
        $before = $this->schedule->order[$place - 1] ?? null;
        $saved = $this->changeover($step - 1, $step) - $this->changeover($before, $step);
        $time = Duration::ofMilliseconds(max(0, $saved))->format();

        return $before !== null && $saved > 0 ? "After “{$this->design->name($before)}” the hands need {$time} less." : null;
    }

    /** It comes later because what lies below must dry. */
    private function waits(int $step, int $place): ?string
    {
        $places = array_flip($this->schedule->order);
        $latest = -1;
        $awaited = null;
        foreach ($place > $step ? $this->constraints->all : [] as $constraint) {
            $ready = $this->schedule->starts[$places[$constraint->from]] + $this->problem->durations[$constraint->from]
                + $constraint->least;
            if ($constraint->to === $step && $constraint->least > 0 && $ready > $latest) {
                [$latest, $awaited] = [$ready, $constraint->from];
            }
        }

        return $awaited === null ? null : "It waits until “{$this->design->name($awaited)}” is ready for it; others are painted meanwhile.";
    }

    /** The next step needs less of a change after it. */
    private function leadsTo(int $step, int $place): ?string
    {
        $next = $this->schedule->order[$place + 1] ?? null;
        $saved = $next === null ? 0 : $this->changeover($next - 1, $next) - $this->changeover($step, $next);

        return $next !== null && $saved > 0 ? "“{$this->design->name($next)}” needs less of a change after it." : null;
    }

    /** Nothing before the first step of a face. */
    private function changeover(?int $from, int $to): int
    {
        return $from === null ? 0 : $this->problem->changeovers[$from][$to] ?? 0;
    }

    /** Something dries meanwhile that a later step waits for. */
    private function fillsWait(int $step, int $place): ?string
    {
        $laid = array_slice($this->schedule->order, 0, $place);
        $later = array_slice($this->schedule->order, $place + 1);
        foreach ($this->constraints->all as $constraint) {
            if ($constraint->least > 0 && in_array($constraint->from, $laid, true) && in_array($constraint->to, $later, true)) {
                return "It is painted while “{$this->design->name($constraint->from)}” dries for “{$this->design->name($constraint->to)}”.";
            }
        }

        return null;
    }
}
