<?php

declare(strict_types=1);

namespace App\Models\Plan;

use Core\Plan\Ages;
use Core\Plan\ArrivalKind;
use Core\Plan\BookingKind;
use Core\Surface\Weather;
use Illuminate\Database\Eloquent\Model;

/**
 * What is expected of an event day, and how its line is to be kept.
 *
 * @property string $event_day_id
 * @property BookingKind $kind
 * @property int $children
 * @property ArrivalKind $arrivals
 * @property list<float> $profile
 * @property list<float> $groups
 * @property int|null $booking_cents
 * @property int $set_up_minutes
 * @property int $pack_up_minutes
 * @property array<string, int> $turnaround  milliseconds by part
 * @property int|null $patience_minutes
 * @property int|null $longest
 * @property int|null $quick_above
 * @property bool $is_line_each
 * @property int|null $stop_names_ms
 * @property int $wanted_percent
 * @property list<string> $levers
 * @property int|null $youngest
 * @property int|null $oldest
 * @property float|null $celsius
 * @property float|null $humidity
 * @property float|null $wind
 */
final class EventPlan extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'event_plans';

    protected $primaryKey = 'event_day_id';

    protected $keyType = 'string';

    protected $guarded = [];

    public function toAges(): ?Ages
    {
        return $this->youngest === null || $this->oldest === null ? null : Ages::between($this->youngest, $this->oldest);
    }

    public function toWeather(): ?Weather
    {
        return $this->celsius === null || $this->humidity === null || $this->wind === null
            ? null
            : new Weather($this->celsius, $this->humidity, $this->wind);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => BookingKind::class, 'arrivals' => ArrivalKind::class, 'children' => 'integer', 'profile' => 'array',
            'groups' => 'array', 'booking_cents' => 'integer', 'turnaround' => 'array', 'stop_names_ms' => 'integer',
            'is_line_each' => 'boolean', 'wanted_percent' => 'integer', 'levers' => 'array', 'patience_minutes' => 'integer',
            'longest' => 'integer', 'quick_above' => 'integer', 'set_up_minutes' => 'integer', 'youngest' => 'integer',
            'oldest' => 'integer', 'celsius' => 'float', 'humidity' => 'float', 'wind' => 'float', 'pack_up_minutes' => 'integer',
        ];
    }
}
