<?php

declare(strict_types=1);

namespace Core\Order\Internal;

use Core\Order\Constraint;

/** Which steps come after which, directly or not: the transitive closure of what was taken in. */
final class Precedence
{
    /** Bits of an integer that are used; twice as many steps as that can be told apart. */
    private const HALF = 60;

    /** @var array<int, int> by step, the bits of the first steps that come after it */
    private array $first;

    /** @var array<int, int> the bits of the others */
    private array $others;

    public function __construct(private readonly int $steps)
    {
        $this->first = $this->others = array_fill(0, $steps, 0);
    }

    public function leads(int $from, int $to): bool
    {
        return $to < self::HALF ? ($this->first[$from] >> $to & 1) === 1 : ($this->others[$from] >> ($to - self::HALF) & 1) === 1;
    }

    /** Whether the one step could come before the other without closing a circle. */
    public function allows(int $from, int $to): bool
    {
        return $from !== $to && ! $this->leads($to, $from);
    }

    public function take(int $from, int $to): void
    {
        if ($this->leads($from, $to)) {
            return;
        }
        $first = $this->first[$to] | ($to < self::HALF ? 1 << $to : 0);
        $others = $this->others[$to] | ($to < self::HALF ? 0 : 1 << ($to - self::HALF));
        for ($step = 0; $step < $this->steps; $step++) {
            if ($step === $from || $this->leads($step, $from)) {
                $this->first[$step] |= $first;
                $this->others[$step] |= $others;
            }
        }
    }

    /**
     * Takes in one after the other what closes no circle with what stands.
     *
     * @param  list<Constraint>  $constraints
     * @return list<Constraint> those taken in
     */
    public function takeFitting(array $constraints): array
    {
        $fit = [];
        foreach ($constraints as $constraint) {
            if ($this->allows($constraint->from, $constraint->to)) {
                $this->take($constraint->from, $constraint->to);
                $fit[] = $constraint;
            }
        }

        return $fit;
    }

    /**
     * All steps so that each comes before what comes after it, otherwise in the order given.
     *
     * @param  list<int>  $order
     * @return list<int>|null null when a circle was taken in
     */
    public function ordering(array $order): ?array
    {
        $sorted = [];
        $left = $order;
        while ($left !== []) {
            $next = null;
            foreach ($left as $at => $step) {
                if (! $this->waitsForAny($step, $left)) {
                    $next = $at;

                    break;
                }
            }
            if ($next === null) {
                return null;
            }
            $sorted[] = $left[$next];
            array_splice($left, $next, 1);
        }

        return $sorted;
    }

    /** @param  list<int>  $others */
    private function waitsForAny(int $step, array $others): bool
    {
        foreach ($others as $other) {
            if ($this->leads($other, $step)) {
                return true;
            }
        }

        return false;
    }
}
