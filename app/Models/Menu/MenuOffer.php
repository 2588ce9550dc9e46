<?php

declare(strict_types=1);

namespace App\Models\Menu;

use App\Models\Bench\Design;
use Core\Design\RungName;
use Core\Plan\Menu\MenuGroup;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A design on a menu.
 *
 * @property int $id
 * @property string $menu_id
 * @property string $design_id
 * @property int $position
 * @property RungName|null $rung  null for the design as typed
 * @property int|null $promise_ms  null for what eight of ten faces keep
 * @property int|null $price_cents
 * @property MenuGroup|null $for_whom
 * @property Design $design
 */
final class MenuOffer extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Design, $this> */
    public function design(): BelongsTo
    {
        return $this->belongsTo(Design::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['rung' => RungName::class, 'for_whom' => MenuGroup::class, 'promise_ms' => 'integer', 'price_cents' => 'integer'];
    }
}
