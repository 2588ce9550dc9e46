<?php

declare(strict_types=1);

namespace App\Models\Kit;

use Illuminate\Database\Eloquent\Model;

/**
 * What an event took off the stock.
 *
 * @phpstan-type Counted array{
 *     itemId: string, name: string, kind: string, unit: string, estimated: float, before: int|null, left: int|null, isWeighed: bool
 * }
 *
 * @property string $event_day_id
 * @property list<Counted> $content  what was there before and is left, and whether somebody put the left right
 */
final class StockCount extends Model
{
    public $incrementing = false;

    protected $primaryKey = 'event_day_id';

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['content' => 'array'];
    }
}
