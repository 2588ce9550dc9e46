<?php

declare(strict_types=1);

namespace Core\Order\Search\Internal;

/** A way to have painted some of the steps: all that the rest of the order can depend on. */
final readonly class Label
{
    /**
     * @param  int  $done  bits
     * @param  int  $time  when the last step ends
     * @param  int  $left  milliseconds of painting to come
     * @param  array<int, int>  $releases  by step to come: when the steps that are settled let it start, where that is later than now
     * @param  list<int>  $tail  steps from the first on that a longest wait still hangs on: they may yet be held back
     * @param  list<int>  $starts  of the tail
     * @param  int  $bound  no completion ends sooner
     */
    public function __construct(
        public int $done,
        public ?int $last,
        public int $time,
        public int $left,
        public array $releases,
        public array $tail,
        public array $starts,
        public int $bound,
        public ?self $parent,
    ) {}

    /** @param  list<int>  $durations */
    public static function start(array $durations): self
    {
        return new self(
            done: 0,
            last: null,
            time: 0,
            left: array_sum($durations),
            releases: [],
            tail: [],
            starts: [],
            bound: 0,
            parent: null,
        );
    }

    /**
     * Whether whatever may follow the other may follow this at the same times or sooner. Only labels that have done the same,
     * with the same tail, are asked: then this one can copy each start of the other.
     */
    public function dominates(self $other): bool
    {
        if ($this->time > $other->time) {
            return false;
        }
        foreach ($this->releases as $step => $release) {
            if ($release > $other->time && $release > ($other->releases[$step] ?? 0)) {
                return false;
            }
        }
        foreach ($this->starts as $at => $start) {
            if ($start > $other->starts[$at]) {
                return false;
            }
        }

        return true;
    }

    /** @return list<int> */
    public function order(): array
    {
        $order = [];
        for ($label = $this; $label->last !== null && $label->parent !== null; $label = $label->parent) {
            $order[] = $label->last;
        }

        return array_reverse($order);
    }
}
