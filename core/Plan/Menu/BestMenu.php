<?php

declare(strict_types=1);

namespace Core\Plan\Menu;

use Core\Plan\Menu\Internal\Half;
use Core\Units\Duration;

/**
 * The menu that gives the most of a goal while a mean face takes no longer than the day can bear. Exact: every choice of one half of
 * the candidates is matched with the best of the other half (meet in the middle), and the mean, which is a ratio of sums, is found by
 * Dinkelbach's method.
 *
 * Source: E. Horowitz, S. Sahni, "Computing partitions with applications to the knapsack problem", JACM 21 (1974); W. Dinkelbach, "On
 * nonlinear fractional programming", Management Science 13 (1967).
 *
 * @phpstan-import-type Choice from Half
 */
final readonly class BestMenu
{
    /** Designs up to which the best is found for certain, with four rungs each. */
    public const MOST = 12;

    /**
     * @param  array<int, int>  $rungs  taken, by the candidate's place in the list
     * @param  float  $worth  of a face in the mean
     */
    private function __construct(public array $rungs, public float $worth, public Duration $meanFace) {}

    /**
     * @param  list<Candidate>  $candidates  MOST at most
     * @param  int  $designs  on the menu
     * @param  Duration  $bearable  mean face that the day can bear
     * @return self|null null where no such menu is quick enough
     */
    public static function of(array $candidates, MenuGoal $goal, int $designs, Duration $bearable): ?self
    {
        $middle = intdiv(count($candidates), 2);
        $one = Half::of(array_slice($candidates, 0, $middle, true), $goal)->choices;
        $other = Half::of(array_slice($candidates, $middle, null, true), $goal)->choices;
        $best = null;
        $ratio = 0.0;
        do {
            $found = self::bestAt(ratio: $ratio, one: $one, other: $other, designs: $designs, bearable: $bearable->milliseconds);
            if ($found === null || ($best !== null && $ratio + 1e-12 >= $found['worth'] / $found['weight'])) {
                break;
            }
            $best = $found;
            $ratio = $found['worth'] / $found['weight'];
        } while (true);

        return $best === null ? null : new self(
            $best['rungs'],
            $ratio,
            Duration::ofMilliseconds((int) round($best['time'] / $best['weight'])),
        );
    }

    /**
     * The pair of choices with the greatest worth above that ratio.
     *
     * @param  list<Choice>  $one
     * @param  list<Choice>  $other
     * @return Choice|null
     */
    private static function bestAt(float $ratio, array $one, array $other, int $designs, int $bearable): ?array
    {
        $tables = self::tables($ratio, $other, $bearable);
        $best = null;
        $gain = -INF;
        foreach ($one as $choice) {
            $partner = self::partner($tables[$designs - $choice['count']] ?? [], -self::over($choice, $bearable));
            if ($partner !== null && $gain < $partner[1] + $choice['worth'] - $ratio * $choice['weight']) {
                $gain = $partner[1] + $choice['worth'] - $ratio * $choice['weight'];
                $best = [$choice, $other[$partner[2]]];
            }
        }

        return $best === null ? null : [
            'count' => $designs,
            'weight' => $best[0]['weight'] + $best[1]['weight'],
            'worth' => $best[0]['worth'] + $best[1]['worth'],
            'time' => $best[0]['time'] + $best[1]['time'],
            'rungs' => $best[0]['rungs'] + $best[1]['rungs'],
        ];
    }

    /**
     * The other half by how many designs it takes and how much time it needs beyond what its share of the day bears, each with the best
     * that needs no more.
     *
     * @param  list<Choice>  $choices
     * @return array<int, list<array{float, float, int}>> time beyond, gain and place, by count
     */
    private static function tables(float $ratio, array $choices, int $bearable): array
    {
        $tables = [];
        foreach ($choices as $at => $choice) {
            $tables[$choice['count']][] = [self::over($choice, $bearable), $choice['worth'] - $ratio * $choice['weight'], $at];
        }

        return array_map(static function (array $table): array {
            usort($table, static fn (array $a, array $b): int => [$a[0], -$a[1]] <=> [$b[0], -$b[1]]);
            $least = [];
            foreach ($table as $entry) {
                if ($least === [] || $entry[1] > $least[count($least) - 1][1]) {
                    $least[] = $entry;
                }
            }

            return $least;
        }, $tables);
    }

    /** @param  Choice  $choice */
    private static function over(array $choice, int $bearable): float
    {
        return $choice['time'] - $choice['weight'] * $bearable;
    }

    /**
     * The last entry of a table that needs no more than that.
     *
     * @param  list<array{float, float, int}>  $table
     * @return array{float, float, int}|null
     */
    private static function partner(array $table, float $most): ?array
    {
        $low = 0;
        $high = count($table);
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($table[$middle][0] <= $most + 1e-6) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $table[$low - 1] ?? null;
    }
}
