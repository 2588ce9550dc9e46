<?php

declare(strict_types=1);

namespace App\Models\Account;

use Core\Order\Schools\School;
use Core\Order\Schools\Schools;
use Core\Order\Schools\TradeNumber;
use Core\Order\Schools\TradeNumbers;
use Core\Surface\Drying;
use Core\Surface\Weather;
use Core\Timeline\Timing;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * How a painter works, and in what air.
 *
 * @property string $user_id
 * @property list<string> $schools
 * @property float|null $celsius
 * @property float|null $humidity
 * @property float|null $wind
 * @property float|null $touched_factor
 * @property Carbon|null $touched_at
 * @property Timing|null $timing
 * @property array<string, int|float>|null $numbers
 * @property float|null $worked_share
 * @property int $worked_times
 */
final class PainterWays extends Model
{
    /** A touch test speaks for the day it was made on, no longer. */
    public const HOURS_OF_TOUCH_TEST = 12;

    public $incrementing = false;

    public $timestamps = false;

    protected $table = 'ways_of_painters';

    protected $primaryKey = 'user_id';

    protected $keyType = 'string';

    protected $guarded = [];

    protected $attributes = ['schools' => '[]', 'worked_times' => 0];

    public function toSchools(): Schools
    {
        return Schools::of(...array_filter(array_map(School::tryFrom(...), $this->schools)));
    }

    public function toWeather(): Weather
    {
        return $this->celsius === null || $this->humidity === null || $this->wind === null
            ? Weather::reference()
            : new Weather($this->celsius, $this->humidity, $this->wind);
    }

    /** The factor of a touch test of this day; null without one. */
    public function touchedFactor(): ?float
    {
        $isFresh = $this->touched_at?->isAfter(now()->subHours(self::HOURS_OF_TOUCH_TEST)) === true;

        return $isFresh ? $this->touched_factor : null;
    }

    public function toDrying(): Drying
    {
        $touched = $this->touchedFactor();
        $numbers = $this->toNumbers();
        $drying = $touched === null ? Drying::in($this->toWeather()) : Drying::atFactor($touched);
        $drying = $touched === null && $this->worked_share !== null ? $drying->goneOn($this->worked_share) : $drying;

        return $drying->ofPaints($numbers->get(TradeNumber::WaxSeconds), $numbers->get(TradeNumber::GlycerineSeconds));
    }

    public function toTiming(): Timing
    {
        return $this->timing ?? Timing::HandToHand;
    }

    public function toNumbers(): TradeNumbers
    {
        return TradeNumbers::of($this->numbers ?? []);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'schools' => 'array', 'celsius' => 'float', 'humidity' => 'float', 'wind' => 'float', 'touched_factor' => 'float',
            'touched_at' => 'datetime', 'timing' => Timing::class, 'numbers' => 'array', 'worked_share' => 'float',
            'worked_times' => 'integer',
        ];
    }
}
