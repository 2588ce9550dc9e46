<?php

declare(strict_types=1);

namespace Core\Plan\Simulation\Internal;

use Core\Plan\Simulation\Lost;
use Core\Plan\Simulation\Tally;

/** What is counted while days are played. */
final class Counts
{
    /** @var list<Lost>|null who was lost, where somebody looks on */
    public ?array $watched = null;

    private int $mark = 0;

    private int $lost = 0;

    private int $takings = 0;

    /** @var array{balked: int, left: int, unpainted: int, idle: int, waits: int, overtime: int} see Tally */
    private array $sums = ['balked' => 0, 'left' => 0, 'unpainted' => 0, 'idle' => 0, 'waits' => 0, 'overtime' => 0];

    /** @var array<int, int> faces by Tally::WAIT_CELL */
    private array $waits = [];

    /** @var array<int, array<int, int>> runs by mark, and children waiting then */
    private array $lines = [];

    /** @var array<int, array<int, int>> runs by artist, and minute after the opening of the last face */
    private array $ends = [];

    /** @var array{faces: list<int>, takings: list<int>, end: list<int>, late: list<int>, lost: list<int>, waits: list<int>} */
    private array $runs = ['faces' => [], 'takings' => [], 'end' => [], 'late' => [], 'lost' => [], 'waits' => []];

    public function __construct(private readonly Compiled $plan, private readonly Painting $painting) {}

    public function begin(): void
    {
        $this->mark = $this->lost = 0;
        $this->takings = $this->takingsSoFar();
    }

    public function balks(int $child, int $now): void
    {
        $this->lose('balked', $child, $now);
    }

    public function leaves(int $child, int $arrived): void
    {
        $this->lose('left', $child, $arrived);
    }

    /**
     * Notes how long the line was at the marks up to a moment.
     *
     * @return int the next mark
     */
    public function pass(int $now, int $waiting): int
    {
        while ($this->mark <= $now) {
            $at = intdiv($this->mark, Tally::LINE_EVERY);
            $this->lines[$at][$waiting] = ($this->lines[$at][$waiting] ?? 0) + 1;
            $this->mark += Tally::LINE_EVERY;
        }

        return $this->mark;
    }

    /**
     * @param  array<int, int>  $free  when each artist would be free
     * @param  list<int>  $unpainted  children for whom nobody was left
     */
    public function end(Chairs $chairs, array $free, array $unpainted): void
    {
        $late = $chairs->late;
        foreach ($unpainted as $child) {
            $arrived = $chairs->children->arrivals[$child];
            $this->lose('unpainted', $child, $arrived);
            $late = min($late, $arrived);
        }
        $this->pass($this->plan->open, count($unpainted));
        $this->sums['idle'] += $chairs->idle;
        foreach ($free as $artist => $from) {
            $shifts = $this->plan->scenario->artists[$artist]->shifts;
            $this->sums['idle'] += max(0, min($this->plan->open, $shifts[count($shifts) - 1][1]) - $from);
            $minute = intdiv($chairs->done[$artist] ?? 0, 60_000);
            $this->ends[$artist][$minute] = ($this->ends[$artist][$minute] ?? 0) + 1;
        }
        $end = $chairs->done === [] ? 0 : max($chairs->done);
        $this->sums['overtime'] += max(0, $end - $this->plan->open);
        $this->keepWaits($chairs->waits);
        $this->runs['faces'][] = count($chairs->waits);
        $this->runs['takings'][] = $this->takingsSoFar() - $this->takings;
        $this->runs['end'][] = $end;
        $this->runs['late'][] = min($late, $this->plan->open);
        $this->runs['lost'][] = $this->lost;
    }

    public function tally(): Tally
    {
        $looks = 0.0;
        foreach ($this->plan->looks as $at => $look) {
            $looks += $look * $this->painting->faces[$at];
        }

        return new Tally(
            open: $this->plan->open,
            runs: $this->runs,
            sums: [...$this->sums, 'looks' => (int) round(1000.0 * $looks)],
            waits: $this->waits,
            lines: $this->lines,
            ends: $this->ends,
            painted: $this->painting->faces,
        );
    }

    /** @param  list<int>  $waits */
    private function keepWaits(array $waits): void
    {
        $cells = $this->waits;
        $sum = 0;
        foreach ($waits as $wait) {
            $cell = intdiv($wait, Tally::WAIT_CELL);
            $cells[$cell] = ($cells[$cell] ?? 0) + 1;
            $sum += $wait;
        }
        $this->waits = $cells;
        $this->sums['waits'] += $sum;
        $this->runs['waits'][] = $sum;
    }

    /** @param  'balked'|'left'|'unpainted'  $how */
    private function lose(string $how, int $child, int $arrived): void
    {
        $this->sums[$how]++;
        $this->lost++;
        if ($this->watched !== null) {
            $this->watched[] = new Lost($child, $arrived, $how);
        }
    }

    private function takingsSoFar(): int
    {
        $takings = 0;
        foreach ($this->plan->prices as $offer => $price) {
            $takings += $price * ($this->painting->faces[2 * $offer] + $this->painting->faces[2 * $offer + 1]);
        }

        return $takings;
    }
}
