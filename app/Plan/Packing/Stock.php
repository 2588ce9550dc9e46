<?php

declare(strict_types=1);

namespace App\Plan\Packing;

use App\Exceptions\Conflict;
use App\Models\Kit\KitItem;
use App\Models\Kit\StockCount;
use App\Models\Plan\EventDay;
use Core\Supplies\StockUse;
use Core\Supplies\Unit;
use Illuminate\Support\Facades\DB;

/**
 * What is left of paint and the like after a day.
 *
 * @phpstan-import-type Counted from StockCount
 */
final readonly class Stock
{
    public function __construct(private StockOfDay $stockOfDay) {}

    /**
     * Takes off the stock what an event used up, once. What somebody weighed is learned from.
     *
     *
     * @param  list<array{itemId: string, left: int, isWeighed: bool}>  $left
     *
     * @throws Conflict when it was taken off already
     */
    public function takeOff(EventDay $day, array $left): void
    {
        DB::transaction(function () use ($day, $left): void {
            EventDay::ofTeam($day->team_id)->whereKey($day->id)->lockForUpdate()->first();
            if (StockCount::query()->whereKey($day->id)->exists()) {
                throw Conflict::stockTaken($day->name);
            }
            $terms = array_column($left, null, 'itemId');
            $counted = [];
            foreach (($this->stockOfDay)($day)->uses ?? [] as $use) {
                if (isset($terms[$use->item->id])) {
                    $counted[] = self::counted($use, $terms[$use->item->id]);
                    KitItem::ofTeam($day->team_id)->whereKey($use->item->id)
                        ->update([self::column($use) => $terms[$use->item->id]['left']]);
                }
            }
            StockCount::query()->create(['event_day_id' => $day->id, 'content' => $counted]);
        });
    }

    /**
     * @param  array{left: int, isWeighed: bool, ...}  $terms
     * @return Counted
     */
    private static function counted(StockUse $use, array $terms): array
    {
        return [
            'itemId' => $use->item->id,
            'name' => $use->item->name,
            'kind' => $use->item->kind->value,
            'unit' => $use->unit->value,
            'estimated' => $use->used,
            'before' => $use->before === null ? null : (int) $use->before,
            'left' => $terms['left'],
            'isWeighed' => $terms['isWeighed'],
        ];
    }

    private static function column(StockUse $use): string
    {
        return $use->unit === Unit::Grams ? 'grams_left' : 'how_many';
    }

    /** Puts back what was taken off the stock for an event. What was bought or used since stays bought and used. */
    public function putBack(EventDay $day): void
    {
        DB::transaction(static function () use ($day): void {
            $count = StockCount::query()->whereKey($day->id)->lockForUpdate()->first();
            foreach ($count->content ?? [] as $one) {
                $column = $one['unit'] === Unit::Grams->value ? 'grams_left' : 'how_many';
                $item = KitItem::ofTeam($day->team_id)->whereKey($one['itemId'])->lockForUpdate()->first();
                if ($item === null) {
                    continue;
                }
                $now = $column === 'grams_left' ? $item->grams_left : $item->how_many;
                $back = $one['before'] === null ? null : max(0, ($now ?? 0) + $one['before'] - ($one['left'] ?? 0));
                $item->update([$column => $back]);
            }
            $count?->delete();
        });
    }
}
