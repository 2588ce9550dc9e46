<?php

declare(strict_types=1);

namespace Core\Ladder\Internal;

use Core\Design\Step;
use Core\Ladder\Choices;
use Core\Ladder\Defaults;
use Core\Ladder\Drop;
use Core\Ladder\Option;
use Core\Ladder\Rung;
use Core\Ladder\Version;
use Core\Order\Circumstances;
use Core\Order\DesignFacts;
use Core\Order\HalfPainted;
use Core\Order\Quickest;
use Core\Order\Search\Outcome;
use Core\Order\Search\Watch;
use Core\Timeline\HandTimes;
use Core\Timeline\StepTimes;
use Core\Units\Duration;

/** Times the versions of a design by the sequencer, each once. */
final class Versions
{
    /** @var list<list<int>> changeovers between all ways of all steps */
    private readonly array $changeovers;

    /** @var array<int, int> row in it by the object id of the option */
    private array $rows = [];

    /** Of all ways of all steps, by row. */
    private readonly HandTimes $hands;

    public readonly ToolChanges $toolChanges;

    /** @var list<list<int>> the least milliseconds of painting by place and option */
    public readonly array $durations;

    /** @var list<string> ids of steps in the quickest order known, for a start */
    private array $order;

    /** Partial orders looked at for all versions so far. */
    private int $labels = 0;

    /** @var array<string, Rung|null> by picks; null where no order keeps all rules */
    private array $known = [];

    private readonly Circumstances $circumstances;

    public function __construct(
        public readonly Choices $choices,
        Circumstances $circumstances,
        private readonly HalfPainted $begun,
        private readonly Watch $watch,
        private readonly int $mostLabels = Defaults::MOST_LABELS,
    ) {
        $this->circumstances = $circumstances->withTimes(self::times($choices, $circumstances->times));
        $ways = [];
        foreach ($choices->options as $place => $options) {
            foreach ([...$options, ...array_values($choices->oneSided[$place])] as $option) {
                if ($option->step !== null) {
                    $this->rows[spl_object_id($option)] = count($ways);
                    $ways[] = [$choices->design->steps[$place - 1] ?? null, $option->step];
                }
            }
        }
        $this->hands = HandTimes::after($ways, $this->circumstances->changeovers, $this->circumstances->times);
        $this->changeovers = Quickest::changeovers(array_column($ways, 1), $this->circumstances, $this->hands);
        $this->toolChanges = new ToolChanges($this->changeovers);
        $this->durations = array_map($this->leastPainting(...), $choices->options, array_keys($choices->options));
        $this->order = array_column($choices->design->steps, 'id');
    }

    /** No order of that version ends sooner, nor of one with more steps. Bits of its kinds of tool; 0 where it is left out. */
    public function kind(int $place, int $pick): int
    {
        $row = $this->rows[spl_object_id($this->choices->options[$place][$pick])] ?? null;

        return $row === null || $this->durations[$place][$pick] === 0 ? 0 : $this->toolChanges->kinds[$row];
    }

    /**
     * @param  list<int>  $picks
     * @param  int  $below  milliseconds: where it is not quicker it is of no interest
     * @return Rung|null null when it is not quicker, or no order keeps all rules
     */
    public function rung(array $picks, int $below = PHP_INT_MAX): ?Rung
    {
        $key = implode(' ', $picks);
        if (array_key_exists($key, $this->known)) {
            $rung = $this->known[$key];

            return $rung === null || $rung->time->milliseconds >= $below ? null : $rung;
        }
        $version = $this->choices->version($picks);
        $quickest = $this->quickest($version);
        $outcome = $this->search($quickest, $below);
        // Where nothing is left to paint, the last step may have ended long ago.
        $left = $outcome->best === null ? PHP_INT_MAX : max(0, $outcome->best->makespan - $this->begun->before());
        $rung = $outcome->best === null || $left >= $below
            ? null
            : new Rung($version, $quickest->inOrder($outcome->best), Duration::ofMilliseconds($left), $outcome->isProven);
        if ($rung !== null || $outcome->best === null) {
            $this->known[$key] = $rung;
        }

        return $rung;
    }

    /** Whether there is still time to look at more versions. */
    public function goesOn(): bool
    {
        return $this->watch->goesOn(new Outcome(null, 0, false, $this->labels));
    }

    /** @return list<Drop> single changes that save time, the least look lost per second first */
    public function drops(Rung $rung): array
    {
        $drops = [];
        foreach ($this->choices->options as $place => $options) {
            foreach (array_keys($options) as $pick) {
                $drop = $this->drop($rung, $place, $pick);
                if ($drop !== null) {
                    $drops[] = $drop;
                }
            }
        }
        usort(
            $drops,
            static fn (Drop $one, Drop $other): int => [
                $one->lookPerSecond(),
                $other->saved->milliseconds,
            ] <=> [$other->lookPerSecond(), $one->saved->milliseconds],
        );

        return $drops;
    }

    /** The orders of other versions are tried first in that of this one. */
    public function startFrom(Rung $rung): void
    {
        $this->order = array_column($rung->design->steps, 'id');
    }

    private function drop(Rung $rung, int $place, int $pick): ?Drop
    {
        $picks = array_values(array_replace($rung->version->picks, [$place => $pick]));
        $lost = $rung->version->look - $this->choices->version($picks)->look;
        if ($picks === $rung->version->picks || $lost < 0 || ! $this->choices->stands($picks)) {
            return null;
        }
        $left = $this->rung($picks, $rung->time->milliseconds);

        return $left === null ? null : new Drop(
            $this->choices->options[$place][$pick]->words,
            $rung->time->minus($left->time),
            $lost,
            $left,
        );
    }

    private static function times(Choices $choices, StepTimes $times): StepTimes
    {
        foreach ($choices->design->steps as $at => $typed) {
            foreach ($choices->options[$at] as $option) {
                $times = $option->step === null ? $times : $times->alsoFor($typed, $option->step);
            }
        }

        return $times;
    }

    /**
     * Milliseconds of each option, as it is painted at the least; none for what is left out or painted already, nor for an act that
     * may go with the step it serves.
     *
     * @param  list<Option>  $options
     * @return list<int>
     */
    private function leastPainting(array $options, int $place): array
    {
        $oneSided = array_map($this->painting(...), array_values($this->choices->oneSided[$place]));

        return array_map(
            fn (Option $option): int => isset($this->choices->acts[$place]) ? 0 : min([$this->painting($option), ...$oneSided]),
            $options,
        );
    }

    private function painting(Option $option): int
    {
        $row = $this->rows[spl_object_id($option)] ?? null;

        return $row === null || isset($this->begun->done[$option->step->id ?? ''])
            ? 0
            : $this->hands->painting[$row]->duration->milliseconds;
    }

    private function quickest(Version $version): Quickest
    {
        $kept = array_values(array_filter($version->options, static fn (Option $option): bool => $option->step !== null));
        $rows = array_map(fn (Option $option): int => $this->rows[spl_object_id($option)], $kept);
        $changeovers = array_map(fn (int $from): array => array_map(fn (int $to): int => $this->changeovers[$from][$to], $rows), $rows);
        $design = new DesignFacts($version->design(), $this->circumstances, $this->hands->only($rows), $version->waits());

        return Quickest::of($design, $changeovers, $this->begun);
    }

    /** Nothing below the limit is no proof that there is nothing at all, unless an order is at hand. */
    private function search(Quickest $quickest, int $below): Outcome
    {
        $known = $this->order($quickest->design->steps);
        $watch = new ForOneVersion($this->watch, $this->labels, $this->mostLabels);
        $limit = $below === PHP_INT_MAX ? $below : $below + $this->begun->before();
        $outcome = $quickest->search($watch, $known, $limit);

        $outcome = $outcome->best === null && $limit !== PHP_INT_MAX ? $quickest->search($watch, $known) : $outcome;
        $this->labels += $outcome->labels;

        return $outcome;
    }

    /**
     * @param  list<Step>  $steps
     * @return list<int> places
     */
    private function order(array $steps): array
    {
        $rank = array_flip([...$this->begun->steps(), ...$this->order]);
        $places = array_keys($steps);
        usort(
            $places,
            static fn (int $one, int $other): int => [$rank[$steps[$one]->id] ?? 0, $one] <=> [$rank[$steps[$other]->id] ?? 0, $other],
        );

        return $places;
    }
}
