<?php

declare(strict_types=1);

namespace App\Models\Bench;

use Illuminate\Database\Eloquent\Model;

/**
 * What a painter's own hands and pace make of a team's plan, where that differs.
 *
 * @property string $design_id
 * @property string $painter_id
 * @property string $rung empty for as typed
 * @property string $plan_id
 * @property int $total_ms
 */
final class PainterPlan extends Model
{
    public $timestamps = false;

    protected $table = 'painter_plans';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['total_ms' => 'integer'];
    }
}
