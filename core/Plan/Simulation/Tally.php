<?php

declare(strict_types=1);

namespace Core\Plan\Simulation;

use Core\Units\Duration;
use JsonException;

/**
 * What was counted over days that were played. Two of the same scenario can be added up.
 *
 * @phpstan-type Runs array{faces: list<int>, takings: list<int>, end: list<int>, late: list<int>, lost: list<int>, waits: list<int>}
 * @phpstan-type Sums array{balked: int, left: int, unpainted: int, idle: int, waits: int, overtime: int, looks: int}
 */
final readonly class Tally
{
    /** The line is looked at every ten minutes. */
    public const LINE_EVERY = 600_000;

    /** Waits are told to the quarter of a minute. */
    public const WAIT_CELL = 15_000;

    /**
     * @param  int  $open  milliseconds from opening to closing
     * @param  Runs  $runs  by run: faces, takings, end of the last face, arrival of the first child who is not painted by closing (the
     *                      closing itself where all are), lost children, sum of waits
     * @param  Sums  $sums  over all runs: lost children by how, milliseconds of idle artists, waits and overtime, thousandths
     *     of look that was painted
     * @param  array<int, int>  $waits  faces by WAIT_CELL
     * @param  array<int, array<int, int>>  $lines  runs by LINE_EVERY and children waiting then
     * @param  array<int, array<int, int>>  $ends  runs by artist and minute in which the last face is done
     * @param  array<int, int>  $painted  faces by design x 2 + version
     */
    public function __construct(
        public int $open,
        public array $runs,
        public array $sums,
        public array $waits,
        public array $lines,
        public array $ends,
        public array $painted,
    ) {}

    /** @throws JsonException when it is no JSON of a tally */
    public static function read(string $json): self
    {
        /** @var array{open: int, runs: Runs, sums: Sums, waits: array<int, int>, lines: array<int, array<int, int>>,
         *     ends: array<int, array<int, int>>, painted: array<int, int>} $values */
        $values = json_decode($json, true, flags: JSON_THROW_ON_ERROR);

        return new self(...$values);
    }

    public function count(): int
    {
        return count($this->runs['faces']);
    }

    public function and(self $other): self
    {
        /** @var Runs $runs */
        $runs = array_merge_recursive($this->runs, $other->runs);
        /** @var Sums $sums */
        $sums = self::added($this->sums, $other->sums);

        return new self(
            open: $this->open,
            runs: $runs,
            sums: $sums,
            waits: self::added($this->waits, $other->waits),
            lines: self::addedTables($this->lines, $other->lines),
            ends: self::addedTables($this->ends, $other->ends),
            painted: self::added($this->painted, $other->painted),
        );
    }

    /** Chance that everybody who got a name is painted by closing. */
    public function chanceOfAll(): float
    {
        return count(array_filter($this->runs['late'], fn (int $late): bool => $late >= $this->open)) / $this->count();
    }

    /** Until when names may be taken so that with that chance all of those children are painted by closing; null from the opening on. */
    public function latestName(float $chance): ?Duration
    {
        $late = $this->runs['late'];
        sort($late);
        // So many days may go wrong; the next one must not.
        $at = $late[min(count($late) - 1, (int) floor((1.0 - $chance) * count($late) + 1e-9))];

        return $at <= 0 ? null : Duration::ofMilliseconds($at);
    }

    /** Faces of a day: a share of days has no more. */
    public function faces(float $share): int
    {
        return self::quantile($this->runs['faces'], $share);
    }

    public function meanFaces(): float
    {
        return array_sum($this->runs['faces']) / $this->count();
    }

    /** In the smallest unit of the currency. */
    public function takings(float $share): int
    {
        return self::quantile($this->runs['takings'], $share);
    }

    public function meanTakings(): float
    {
        return array_sum($this->runs['takings']) / $this->count();
    }

    /** When the last face is done, since the opening. */
    public function end(float $share): Duration
    {
        return Duration::ofMilliseconds(self::quantile($this->runs['end'], $share));
    }

    /** How long the painted waited: a share of them no longer. Told to the quarter of a minute. */
    public function wait(float $share): Duration
    {
        $waits = $this->waits;
        ksort($waits);
        $below = $share * array_sum($waits);
        foreach ($waits as $cell => $faces) {
            $below -= $faces;
            if ($below <= 0.0) {
                return Duration::ofMilliseconds($cell === 0 ? 0 : ($cell + 1) * self::WAIT_CELL);
            }
        }

        return Duration::zero();
    }

    public function meanWait(): Duration
    {
        return Duration::ofMilliseconds((int) round($this->sums['waits'] / max(1, array_sum($this->runs['faces']))));
    }

    /** @param  'balked'|'left'|'unpainted'|null  $how  null for all of them */
    public function lost(?string $how = null): float
    {
        return ($how === null ? array_sum($this->runs['lost']) : $this->sums[$how]) / $this->count();
    }

    /** Of all artists together, as a rule. */
    public function idle(): Duration
    {
        return Duration::ofMilliseconds((int) round($this->sums['idle'] / $this->count()));
    }

    public function overtime(): Duration
    {
        return Duration::ofMilliseconds((int) round($this->sums['overtime'] / $this->count()));
    }

    /** The mean look of a face, 1 for the whole design. */
    public function look(): float
    {
        return $this->sums['looks'] / 1000 / max(1, array_sum($this->runs['faces']));
    }

    /**
     * Children in the line at every LINE_EVERY from the opening to the closing: a share of days has no more.
     *
     * @return list<int>
     */
    public function line(float $share): array
    {
        // After closing only the days are known on which somebody still paints.
        $lines = array_filter($this->lines, fn (int $at): bool => $at * self::LINE_EVERY <= $this->open, ARRAY_FILTER_USE_KEY);
        ksort($lines);

        return array_values(array_map(fn (array $byLength): int => self::cellQuantile($byLength, $share), $lines));
    }

    /** When an artist's last face is done, since the opening, to the minute. */
    public function endOf(int $artist, float $share): Duration
    {
        return Duration::ofMinutes(self::cellQuantile($this->ends[$artist] ?? [0 => 1], $share));
    }

    /** @return list<float> faces of a day by design, as a rule */
    public function byOffer(): array
    {
        return array_map(
            fn (int $offer): float => ($this->painted[2 * $offer] + $this->painted[2 * $offer + 1]) / $this->count(),
            range(0, intdiv(count($this->painted), 2) - 1),
        );
    }

    /** The share of faces that were painted in their quick version. */
    public function quickShare(): float
    {
        $quick = array_filter($this->painted, static fn (int $at): bool => $at % 2 === 1, ARRAY_FILTER_USE_KEY);

        return array_sum($quick) / max(1, array_sum($this->painted));
    }

    /** The run that ends so late that a share of days ends earlier: 0.5 for a usual day, 0.9 for a bad one. */
    public function runLike(float $share): int
    {
        $order = array_keys($this->runs['end']);
        usort($order, fn (int $one, int $other): int => [$this->runs['end'][$one], $one] <=> [$this->runs['end'][$other], $other]);

        return $order[min(count($order) - 1, (int) floor($share * count($order)))];
    }

    /** @param  list<int>  $values */
    private static function quantile(array $values, float $share): int
    {
        sort($values);

        return $values[max(0, (int) ceil($share * count($values)) - 1)];
    }

    /** @param  array<int, int>  $cells  how often each value was seen */
    private static function cellQuantile(array $cells, float $share): int
    {
        ksort($cells);
        $below = $share * array_sum($cells);
        foreach ($cells as $value => $often) {
            $below -= $often;
            if ($below <= 1e-9) {
                return $value;
            }
        }

        return 0;
    }

    /**
     * @template K of array-key
     *
     * @param  array<K, int>  $one
     * @param  array<K, int>  $more
     * @return array<K, int>
     */
    private static function added(array $one, array $more): array
    {
        foreach ($more as $key => $value) {
            $one[$key] = isset($one[$key]) ? $one[$key] + $value : $value;
        }

        return $one;
    }

    /**
     * @param  array<int, array<int, int>>  $one
     * @param  array<int, array<int, int>>  $more
     * @return array<int, array<int, int>>
     */
    private static function addedTables(array $one, array $more): array
    {
        foreach ($more as $key => $table) {
            $one[$key] = self::added($one[$key] ?? [], $table);
        }

        return $one;
    }
}
