<?php

declare(strict_types=1);

namespace Core\Plan\Simulation\Internal;

/** A line for each chair: whoever comes joins the shortest, and stays in it. */
final readonly class LineEach implements Plays
{
    public function __construct(private Compiled $plan, private Chairs $chairs, private Counts $counts) {}

    public function play(int $run): void
    {
        $free = $this->chairs->begin($run);
        $this->counts->begin();
        $children = $this->chairs->children;
        $mark = 0;
        /** @var array<int, list<int>> $called when those who joined each line are called, or have left it */
        $called = array_fill(0, count($free), []);
        $unpainted = [];
        foreach ($children->arrivals as $child => $now) {
            $waiting = array_map(static fn (array $ofLine): int => self::after($ofLine, $now), $called);
            if ($now >= $mark) {
                $mark = $this->counts->pass($now, array_sum($waiting));
            }
            $artist = self::shortest($waiting, $free, $now);
            if ($artist === null) {
                $unpainted[] = $child;
            } elseif ($now < $free[$artist] && array_sum($waiting) >= $this->plan->longest) {
                $this->counts->balks($child, $now);
            } else {
                $from = $free[$artist];
                $called[$artist][] = max($now, $from);
                if ($children->haveLeft($child, $from)) {
                    $this->counts->leaves($child, $now);
                } else {
                    $free[$artist] = $this->chairs->paint($artist, $child, $from, array_sum($waiting));
                }
            }
        }
        $this->counts->end($this->chairs, $free, $unpainted);
    }

    /** @param  list<int>  $called  in order of time */
    private static function after(array $called, int $now): int
    {
        $after = 0;
        for ($at = count($called) - 1; $at >= 0 && $called[$at] > $now; $at--) {
            $after++;
        }

        return $after;
    }

    /**
     * @param  array<int, int>  $waiting
     * @param  array<int, int>  $free
     * @return int|null null where nobody paints any more
     */
    private static function shortest(array $waiting, array $free, int $now): ?int
    {
        $shortest = null;
        foreach ($free as $artist => $from) {
            $length = $waiting[$artist] + ($from > $now ? 1 : 0);
            if ($from < Shifts::NEVER && ($shortest === null || [$length, $from] < $shortest[1])) {
                $shortest = [$artist, [$length, $from]];
            }
        }

        return $shortest[0] ?? null;
    }
}
