<?php

declare(strict_types=1);

namespace App\Models\Logbook;

use Illuminate\Database\Eloquent\Model;

/**
 * @property string $face_id
 * @property int $position
 * @property int $own_ms
 * @property int|null $mended_from_ms  what was logged before it was mended
 * @property string $name
 * @property string $medium
 * @property string $status
 * @property string $way  the same for steps that are painted alike
 * @property string $painter_id  '' where nobody knows
 * @property int $planned_ms
 * @property int $spent_ms
 */
final class FaceStep extends Model
{
    public $timestamps = false;

    protected $guarded = [];
}
