<?php

declare(strict_types=1);

namespace Core\Supplies;

/** A thing of the kit of which too little is left for another day like the last one. */
final readonly class ToBuy
{
    /**
     * @param  int  $left  grams of what is weighed, pieces of what is counted
     * @param  float  $missing  so much less than such a day takes
     */
    private function __construct(public StockUse $use, public int $left, public float $missing) {}

    /**
     * @param  list<StockUse>  $uses  of the last day
     * @param  array<string, int|null>  $left  after it, by item; null where nobody knows
     * @return list<self> what lasts the smallest part of such a day first
     */
    public static function of(array $uses, array $left): array
    {
        $short = [];
        foreach ($uses as $use) {
            $rest = $left[$use->item->id] ?? null;
            if ($rest !== null && $rest < $use->used) {
                $short[] = new self($use, $rest, round($use->used - $rest, 1));
            }
        }
        usort($short, static fn (self $one, self $other): int => $one->left / $one->use->used <=> $other->left / $other->use->used);

        return $short;
    }
}
