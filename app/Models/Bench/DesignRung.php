<?php

declare(strict_types=1);

namespace App\Models\Bench;

use Core\Design\RungName;
use Illuminate\Database\Eloquent\Model;

/**
 * A named version of a design as the chair can fall back to it: its plan, and what is done differently. Derived.
 *
 * @property int $id
 * @property string $design_id
 * @property RungName $name
 * @property string $plan_id
 * @property int $total_ms
 * @property float $share
 * @property list<string> $changes
 */
final class DesignRung extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['name' => RungName::class, 'total_ms' => 'integer', 'share' => 'float', 'changes' => 'array'];
    }
}
