<?php

declare(strict_types=1);

namespace Core\Ladder\Internal;

use Core\Design\Step;
use Core\Design\StepTimes;
use Core\Ladder\Choices;
use Core\Ladder\Defaults;
use Core\Ladder\Drop;
use Core\Ladder\Option;
use Core\Ladder\Rung;
use Core\Ladder\Version;
use Core\Order\Circumstances;
use Core\Order\HalfPainted;
use Core\Order\Preparation;
use Core\Order\Quickest;
use Core\Order\Search\Outcome;
use Core\Order\Search\Watch;
use Core\Units\Duration;

/** Times the versions of a design by the sequencer, each once. */
final class Versions
{
    /** @var list<list<int>> changeovers between all ways of all steps */
    private readonly array $changeovers;

    /** @var list<list<int|null>> row in it by place and option */
    private readonly array $rows;

    public readonly ToolChanges $toolChanges;

    /** @var list<list<int>> milliseconds of painting by place and option */
    public readonly array $durations;

    /** @var list<string> ids of steps in the quickest order known, for a start */
    private array $order;

    /** Partial orders looked at for all versions so far. */
    private int $labels = 0;

    /** @var array<string, Rung|null> by picks; null where no order keeps all rules */
    private array $known = [];

    private readonly Circumstances $circumstances;

    public function __construct(public readonly Choices $choices, Circumstances $circumstances, private readonly HalfPainted $begun, private readonly Watch $watch)
    {
        $this->circumstances = $circumstances->withTimes(self::times($choices, $circumstances->times));
        $ways = $rows = $durations = [];
        foreach ($choices->options as $options) {
            $row = $duration = [];
            foreach ($options as $option) {
                $row[] = $option->step === null ? null : count($ways);
                $duration[] = $this->painting($option);
                $ways = $option->step === null ? $ways : [...$ways, $option->step];
            }
            $rows[] = $row;
            $durations[] = $duration;
        }
        $this->changeovers = Quickest::changeovers($ways, $this->circumstances);
        $this->rows = $rows;
        $this->durations = $durations;
        $this->toolChanges = new ToolChanges($this->changeovers);
        $this->order = array_column($choices->design->steps, 'id');
    }

    /** No order of that version ends sooner, nor of one with more steps. Bits of its kinds of tool; 0 where it is left out. */
    public function kind(int $place, int $pick): int
    {
        $row = $this->rows[$place][$pick];

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
        if ($outcome->best === null && $outcome->isProven) {
            $quickest = $quickest->withoutWishes();
            $outcome = $this->search($quickest, $below);
        }
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
        usort($drops, static fn (Drop $one, Drop $other): int => [$one->lookPerSecond(), $other->saved->milliseconds] <=> [$other->lookPerSecond(), $one->saved->milliseconds]);

        return $drops;
    }

    /** The orders of other versions are tried first in that of this one. */
    public function startFrom(Rung $rung): void
    {
        $this->order = array_column($rung->design->steps, 'id');
    }

    private function drop(Rung $rung, int $place, int $pick): ?Drop
    {
        $options = $this->choices->options[$place];
        $lost = $options[$rung->version->picks[$place]]->look - $options[$pick]->look;
        $picks = array_values(array_replace($rung->version->picks, [$place => $pick]));
        if ($picks === $rung->version->picks || $lost < 0 || ! $this->choices->stands($picks)) {
            return null;
        }
        $left = $this->rung($picks, $rung->time->milliseconds);

        return $left === null ? null : new Drop($options[$pick]->words, $rung->time->minus($left->time), $lost, $left);
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

    /** Milliseconds; none for what is left out or painted already. */
    private function painting(Option $option): int
    {
        return $option->step === null || isset($this->begun->done[$option->step->id]) ? 0 : $this->circumstances->times->of($option->step)->duration->milliseconds;
    }

    private function quickest(Version $version): Quickest
    {
        $rows = [];
        foreach ($version->picks as $place => $pick) {
            $row = $this->rows[$place][$pick];
            if ($row !== null) {
                $rows[] = $row;
            }
        }
        $changeovers = array_map(fn (int $from): array => array_map(fn (int $to): int => $this->changeovers[$from][$to], $rows), $rows);

        return Quickest::of(new Preparation($version->design(), $this->circumstances), $changeovers, $this->begun);
    }

    /** Nothing below the limit is no proof that there is nothing at all, unless an order is at hand. */
    private function search(Quickest $quickest, int $below): Outcome
    {
        $known = $this->order($quickest->design->steps);
        $watch = new ForOneVersion($this->watch, $this->labels, Defaults::MOST_LABELS);
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
        usort($places, static fn (int $one, int $other): int => [$rank[$steps[$one]->id] ?? 0, $one] <=> [$rank[$steps[$other]->id] ?? 0, $other]);

        return $places;
    }
}
