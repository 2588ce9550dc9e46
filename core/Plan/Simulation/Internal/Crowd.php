<?php

declare(strict_types=1);

namespace Core\Plan\Simulation\Internal;

use Core\Plan\Simulation\Arrivals;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Who comes in a run, and the chance that each child brings along: what it chooses, how long it takes and waits. The n-th child of a
 * run always brings the same, so that two plans are compared with the same children (common random numbers).
 *
 * Source: P. A. W. Lewis, G. S. Shedler, "Simulation of nonhomogeneous Poisson processes by thinning", Naval Research Logistics
 * Quarterly 26 (1979); on common random numbers A. M. Law, "Simulation modeling and analysis", chapter 11; words of chance after the
 * first by G. Marsaglia, "Xorshift RNGs", Journal of Statistical Software 8 (2003), triple 13, 7, 17.
 */
final readonly class Crowd
{
    /** What a shift to the right by seven must not bring in from the sign. */
    private const RIGHT_7 = (1 << 57) - 1;

    /** @var list<int>|null when children come, where that is not by chance */
    private ?array $fixed;

    /** @var list<float> mean gap times a draw, by cell */
    private array $gaps;

    /** @var list<int> by part of the day: draws below which whoever might come does come */
    private array $taken;

    private float $part;

    /** @var list<int> children that come together, by cell */
    private array $groups;

    public function __construct(Arrivals $arrivals, int $open, private int $names, private int $seed)
    {
        $this->fixed = $arrivals->isByChance() ? null : self::appointments($arrivals, $open, $names);
        $profile = $arrivals->profile ?? [1.0];
        $busiest = max(0.0, ...$profile);
        $parts = count($profile);
        $groupsAtMost = max(1e-9, $arrivals->children / $arrivals->meanGroup()) * $busiest * $parts / array_sum($profile);
        $this->gaps = array_map(static fn (float $draw): float => $draw * $open / $groupsAtMost, Draws::exponential());
        $this->taken = array_map(static fn (float $rate): int => (int) round($rate / $busiest * Draws::CELLS), $profile);
        $this->part = $open / $parts;
        $this->groups = self::groupCells($arrivals->groups);
    }

    /** @return array{list<int>, list<int>, int} when children come, what chance each brought, and a word of chance for the day itself */
    public function of(int $run): array
    {
        /** @var array{1: int, 2: int, 3: int} $seeds */
        $seeds = unpack('P3', (new Randomizer(new Xoshiro256StarStar($this->seed * 1_000_003 + $run)))->getBytes(24));
        $arrivals = $this->fixed ?? $this->arrivals($seeds[1] | 1);
        $chances = [];
        $word = $seeds[2] | 1;
        foreach ($arrivals as $_) {
            $word ^= $word << 13;
            $word ^= ($word >> 7) & self::RIGHT_7;
            $word ^= $word << 17;
            $chances[] = $word;
        }

        return [$arrivals, $chances, $seeds[3]];
    }

    /**
     * @param  int  $word  of chance, not 0
     * @return list<int>
     */
    private function arrivals(int $word): array
    {
        $arrivals = [];
        $at = 0.0;
        while (true) {
            $word ^= $word << 13;
            $word ^= ($word >> 7) & self::RIGHT_7;
            $word ^= $word << 17;
            $at += $this->gaps[$word & Draws::CELL];
            if ($at >= $this->names) {
                return $arrivals;
            }
            if ((($word >> 12) & Draws::CELL) < $this->taken[(int) ($at / $this->part)]) {
                for ($child = $this->groups[($word >> 24) & Draws::CELL]; $child > 0; $child--) {
                    $arrivals[] = (int) $at;
                }
            }
        }
    }

    /** @return list<int> */
    private static function appointments(Arrivals $arrivals, int $open, int $names): array
    {
        $children = (int) $arrivals->children;
        $each = $arrivals->isAtOnce || $children === 0 ? 0.0 : $open / $children;
        $at = array_map(static fn (int $child): int => (int) round($child * $each), $children === 0 ? [] : range(0, $children - 1));

        return array_values(array_filter($at, static fn (int $one): bool => $one < $names));
    }

    /**
     * @param  list<float>  $groups
     * @return list<int>
     */
    private static function groupCells(array $groups): array
    {
        $cells = [];
        $share = 0.0;
        foreach ($groups as $at => $own) {
            $share += $own;
            $until = $at === count($groups) - 1 ? Draws::CELLS : (int) round($share * Draws::CELLS);
            $cells = array_pad($cells, $until, $at + 1);
        }

        return $cells;
    }
}
