<?php

declare(strict_types=1);

namespace App\Models\Plan;

use Illuminate\Database\Eloquent\Model;

/**
 * What was foreseen of an event day when its line was opened.
 *
 * @property string $event_day_id
 * @property float $faces
 * @property int $faces_low
 * @property int $faces_high
 * @property int $wait_half_ms
 * @property int $wait_nine_ms
 * @property int $mean_face_ms
 */
final class KeptForecast extends Model
{
    public $incrementing = false;

    protected $primaryKey = 'event_day_id';

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['faces' => 'float'];
    }
}
