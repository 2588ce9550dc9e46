<?php

declare(strict_types=1);

namespace App\Plan\Packing;

use App\Models\Kit\KitItem;
use App\Models\Kit\StockCount;
use App\Models\Plan\EventDay;
use Core\Supplies\Unit;
use Illuminate\Support\Facades\DB;

/** Puts back what was taken off the stock for an event. What was bought or used since stays bought and used. */
final readonly class PutBackStock
{
    public function __invoke(EventDay $day): void
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
