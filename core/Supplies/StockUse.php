<?php

declare(strict_types=1);

namespace Core\Supplies;

use Core\Design\Design;
use Core\Kit\Item;
use Core\Kit\ItemKind;
use Core\Kit\Kit;

/** What an event took of one thing of the kit, as far as it is estimated. */
final readonly class StockUse
{
    /**
     * @param  float  $used  grams of what is weighed, pieces of what is counted
     * @param  float|null  $before  that was there; null where nobody weighed it
     */
    private function __construct(public Item $item, public Unit $unit, public float $used, public ?float $before) {}

    /** What should be left; null where nobody knows. Grams are weighed to the whole. */
    public function left(): ?int
    {
        return $this->before === null ? null : max(0, (int) round($this->before - $this->used));
    }

    /**
     * @param  list<array{Design, int}>  $painted  each design with the faces that were painted
     * @return list<self> by kind and name, what is washed and kept left out
     */
    public static function of(array $painted, Kit $kit, Thrift $thrift): array
    {
        $grams = $pieces = [];
        $faces = 0;
        foreach ($painted as [$design, $count]) {
            $used = UsedUp::of($design);
            $faces += $count;
            foreach ($used->paint as ['colour' => $colour, 'grams' => $each]) {
                $item = $kit->paintOf($colour) ?? $kit->nearly(ItemKind::Paint, $colour);
                $grams = self::added($grams, $item, $count * $each * $thrift->paint);
            }
            foreach ($used->glitter as $name => $each) {
                $grams = self::added($grams, $kit->named($name), $count * $each * $thrift->glitter);
            }
            foreach ($used->gems as $name => $each) {
                $pieces = self::added($pieces, $kit->named($name), (float) ($count * $each));
            }
        }
        $pieces = self::added($pieces, $kit->ofKind(ItemKind::Wipe)[0] ?? null, (float) ($faces * Defaults::WIPES_A_FACE));

        return [...self::uses($grams, $kit, Unit::Grams), ...self::uses($pieces, $kit, Unit::Pieces)];
    }

    /**
     * @param  array<string, float>  $amounts  by item
     * @return array<string, float>
     */
    private static function added(array $amounts, ?Item $item, float $amount): array
    {
        if ($item !== null && $amount > 0.0) {
            $amounts[$item->id] = ($amounts[$item->id] ?? 0.0) + $amount;
        }

        return $amounts;
    }

    /**
     * @param  array<string, float>  $amounts  by item
     * @return list<self>
     */
    private static function uses(array $amounts, Kit $kit, Unit $unit): array
    {
        $uses = [];
        foreach ($kit->items as $item) {
            // One packet says that there are some, not how many.
            $before = $unit === Unit::Grams ? $item->gramsLeft : ($item->howMany > 1 ? $item->howMany : null);
            if (isset($amounts[$item->id])) {
                $uses[] = new self($item, $unit, round($amounts[$item->id], 1), $before === null ? null : (float) $before);
            }
        }

        return $uses;
    }
}
