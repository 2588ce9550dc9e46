<?php

declare(strict_types=1);

namespace App\Logbook\Report;

use App\Http\Resources\Resource;
use App\Plan\Packing\StockRead;
use Core\Supplies\ToBuy;
use Core\Supplies\Unit;

/** A thing of the kit that the day took of. */
final readonly class ReportStock extends Resource
{
    /** Less than half a gram is no stock to speak of. */
    private const WORTH_GRAMS = 0.5;

    /**
     * @param  float  $used  as estimated
     * @param  int|null  $left  null where nobody knows
     * @param  float|null  $missing  for another day like this one; null where enough is left
     */
    public function __construct(
        public string $name,
        public Unit $unit,
        public float $used,
        public ?int $left,
        public ?float $missing,
    ) {}

    /** @return list<self> what has to be bought first */
    public static function of(?StockRead $stock): array
    {
        if ($stock === null) {
            return [];
        }
        $left = $stock->left();
        $short = array_map(
            static fn (ToBuy $buy): self => new self(
                $buy->use->item->name,
                $buy->use->unit,
                $buy->use->used,
                left: $buy->left,
                missing: $buy->missing,
            ),
            ToBuy::of($stock->uses, $left),
        );
        $names = array_column($short, 'name');
        foreach ($stock->uses as $use) {
            $isSmall = $use->unit === Unit::Grams && $use->used < self::WORTH_GRAMS;
            if (! $isSmall && ! in_array($use->item->name, $names, true)) {
                $short[] = new self($use->item->name, $use->unit, $use->used, left: $left[$use->item->id] ?? null, missing: null);
            }
        }

        return $short;
    }
}
