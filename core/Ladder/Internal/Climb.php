<?php

declare(strict_types=1);

namespace Core\Ladder\Internal;

use Core\Ladder\Rung;
use SplPriorityQueue;

/**
 * Finds all versions that no other one beats in both time and look, the quickest first: best-first branch and bound over the
 * picks, place by place. A bound holds for all versions that keep what was picked so far, for more steps never mean less
 * painting nor fewer tools; what a version really takes, more steps may well make it less, so only its own search tells.
 *
 * Versions come up in the order of their least time. Whoever comes up with more look than all before is a rung: whatever is
 * still to come takes longer.
 */
final class Climb
{
    /** @var SplPriorityQueue<array{int, int}, Node> the least time first, then the most look */
    private SplPriorityQueue $open;

    /** @var list<int> places where there is something to choose */
    private readonly array $places;

    /** @var list<int> tenths of look that the choices from each on can still add */
    private readonly array $lookToCome;

    /** @var list<array{int, int}> times and looks of the versions that are timed */
    private array $timed = [];

    private int $best = -1;

    public function __construct(private readonly Versions $versions, private readonly int $most)
    {
        $this->open = new SplPriorityQueue;
        $this->places = array_keys(array_filter($versions->choices->options, static fn (array $options): bool => count($options) > 1));
        $sums = [0];
        foreach (array_reverse($this->places) as $place) {
            $sums[] = $sums[count($sums) - 1] + max(array_column($versions->choices->options[$place], 'look'));
        }
        $this->lookToCome = array_reverse($sums);
    }

    /** @return array{list<Rung>, bool} the quickest first, and whether they are all there are */
    public function rungs(): array
    {
        $whole = $this->versions->rung($this->versions->choices->whole()->picks);
        if ($whole !== null) {
            $this->keep($whole);
            $this->versions->startFrom($whole);
        }
        $rungs = [];
        $this->push($this->withoutChoice());
        $left = $this->most;
        for (; $left > 0 && ! $this->open->isEmpty() && $this->versions->goesOn(); $left--) {
            /** @var Node $node what was put in */
            $node = $this->open->extract();
            if ($this->mostLook($node) <= $this->best) {
                continue;
            }
            if ($node->rung !== null) {
                $this->best = $node->look;
                $rungs[] = $node->rung;
            } elseif ($node->chosen === count($this->places)) {
                $this->time($node);
            } else {
                $this->branch($node);
            }
        }
        $isCutShort = ! $this->open->isEmpty();
        if ($isCutShort && $whole !== null && $whole->version->look > $this->best) {
            $rungs[] = $whole;
        }
        $isProven = ! $isCutShort && array_filter($rungs, static fn (Rung $rung): bool => ! $rung->isProven) === [];

        return [$rungs, $isProven];
    }

    /** What every version has. */
    private function withoutChoice(): Node
    {
        $node = new Node(picks: $this->versions->choices->whole()->picks, chosen: 0, painting: 0, kinds: 0, look: 0);
        foreach (array_diff(array_keys($node->picks), $this->places) as $place) {
            $node = $this->with($node, $place, 0, 0);
        }

        return $node;
    }

    private function branch(Node $node): void
    {
        $place = $this->places[$node->chosen];
        foreach (array_keys($this->versions->choices->options[$place]) as $pick) {
            $this->push($this->with($node, $place, $pick, 1));
        }
    }

    private function with(Node $node, int $place, int $pick, int $chosen): Node
    {
        return new Node(
            picks: array_values(array_replace($node->picks, [$place => $pick])),
            chosen: $node->chosen + $chosen,
            painting: $node->painting + $this->versions->durations[$place][$pick],
            kinds: $node->kinds | $this->versions->kind($place, $pick),
            look: $node->look + $this->versions->choices->options[$place][$pick]->look,
        );
    }

    /** Of the versions of a node; less where one step takes others to one side with it. */
    private function mostLook(Node $node): int
    {
        return $node->look + $this->lookToCome[$node->chosen];
    }

    private function time(Node $node): void
    {
        if (! $this->versions->choices->stands($node->picks)) {
            return;
        }
        $look = $this->versions->choices->version($node->picks)->look;
        $rung = $this->versions->rung($node->picks, $this->quickestWith($look));
        if ($rung !== null) {
            $this->keep($rung);
        }
    }

    private function keep(Rung $rung): void
    {
        $this->timed[] = [$rung->time->milliseconds, $rung->version->look];
        $this->insert(
            new Node(
                picks: $rung->version->picks,
                chosen: count($this->places),
                painting: 0,
                kinds: 0,
                look: $rung->version->look,
                rung: $rung,
            ),
            $rung->time->milliseconds,
        );
    }

    private function push(Node $node): void
    {
        if ($this->mostLook($node) > $this->best) {
            $this->insert($node, $node->painting + $this->versions->toolChanges->through($node->kinds));
        }
    }

    private function insert(Node $node, int $least): void
    {
        $this->open->insert($node, [-$least, $this->mostLook($node)]);
    }

    /** What a version must stay below to be of interest: one with as much look or more is known to take no longer. */
    private function quickestWith(int $look): int
    {
        $times = array_map(static fn (array $timed): int => $timed[1] >= $look ? $timed[0] : PHP_INT_MAX, $this->timed);

        return min([PHP_INT_MAX, ...$times]);
    }
}
