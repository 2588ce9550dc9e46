<?php

declare(strict_types=1);

namespace App\Models\Menu;

use App\Models\Bench\Design;
use Core\Design\RungName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property string $id
 * @property string $event_day_id
 * @property string $design_id
 * @property int $position
 * @property int $promise_ms
 * @property int|null $price_cents
 * @property RungName|null $rung  null for the design as typed
 * @property Design $design
 */
final class MenuItem extends Model
{
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['rung' => RungName::class];
    }

    /** @return BelongsTo<Design, $this> deleted designs included: a day in progress keeps its menu */
    public function design(): BelongsTo
    {
        return $this->belongsTo(Design::class)->withTrashed();
    }
}
