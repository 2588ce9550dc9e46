<?php

declare(strict_types=1);

namespace App\Models\Plan;

use Core\Line\Seating\Shift as CoreShift;
use Core\Units\Instant;
use Illuminate\Database\Eloquent\Model;

/**
 * Who is meant to sit at a chair of a day from when on.
 *
 * @property string $event_day_id
 * @property int $chair
 * @property string|null $painter_id null for nobody
 * @property int $from_ms 0 for the beginning of the day
 */
final class Shift extends Model
{
    public $timestamps = false;

    protected $table = 'shifts';

    protected $guarded = [];

    public function toCore(): CoreShift
    {
        return new CoreShift($this->chair, $this->painter_id, Instant::ofEpochMilliseconds($this->from_ms));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['chair' => 'integer', 'from_ms' => 'integer'];
    }
}
