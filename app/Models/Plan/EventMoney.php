<?php

declare(strict_types=1);

namespace App\Models\Plan;

use Core\Plan\Money\Costs;
use Core\Units\Duration;
use Illuminate\Database\Eloquent\Model;

/**
 * What an event day takes and offers besides its faces.
 *
 * @property string $event_day_id
 * @property int $kilometres  one way
 * @property int $travel_minutes  one way
 * @property int $pitch_cents
 * @property int|null $offered_hour_cents
 */
final class EventMoney extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'event_money';

    protected $primaryKey = 'event_day_id';

    protected $keyType = 'string';

    protected $guarded = [];

    public function toCore(): Costs
    {
        return new Costs($this->kilometres, Duration::ofMinutes($this->travel_minutes), $this->pitch_cents, $this->offered_hour_cents);
    }

    /** @return array<string, int|null> */
    public static function columnsOf(Costs $costs): array
    {
        return [
            'kilometres' => $costs->kilometres,
            'travel_minutes' => intdiv($costs->travel->milliseconds, 60_000),
            'pitch_cents' => $costs->pitch,
            'offered_hour_cents' => $costs->offeredHour,
        ];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kilometres' => 'integer', 'travel_minutes' => 'integer', 'pitch_cents' => 'integer', 'offered_hour_cents' => 'integer',
        ];
    }
}
