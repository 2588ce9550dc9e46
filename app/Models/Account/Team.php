<?php

declare(strict_types=1);

namespace App\Models\Account;

use Core\Plan\Money\Rates;
use Core\Units\Currency;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * @property string $id
 * @property string $name
 * @property string $currency  ISO 4217
 * @property int|null $hour_cents  in the smallest unit of the currency, as are the other rates; null where nobody has said
 * @property int|null $least_cents
 * @property int|null $kilometre_cents
 * @property int|null $materials_cents
 * @property bool $is_travel_paid
 * @property bool $is_set_up_paid
 * @property int $names_days  that first names of children are kept after an event
 * @property Carbon|null $ends_at  when it is deleted; null for a team that is not closed
 */
final class Team extends Model
{
    use HasUlids;

    protected $guarded = [];

    public function toRates(): Rates
    {
        $starting = Rates::starting(Currency::of($this->currency));

        return new Rates(
            hour: $this->hour_cents ?? $starting->hour,
            least: $this->least_cents ?? $starting->least,
            kilometre: $this->kilometre_cents ?? $starting->kilometre,
            materials: $this->materials_cents ?? $starting->materials,
            isTravelPaid: $this->is_travel_paid,
            isSetUpPaid: $this->is_set_up_paid,
        );
    }

    /** @return array<string, int|bool> */
    public static function columnsOf(Rates $rates): array
    {
        return [
            'hour_cents' => $rates->hour,
            'least_cents' => $rates->least,
            'kilometre_cents' => $rates->kilometre,
            'materials_cents' => $rates->materials,
            'is_travel_paid' => $rates->isTravelPaid,
            'is_set_up_paid' => $rates->isSetUpPaid,
        ];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'hour_cents' => 'integer', 'least_cents' => 'integer', 'kilometre_cents' => 'integer', 'materials_cents' => 'integer',
            'names_days' => 'integer', 'ends_at' => 'datetime', 'is_travel_paid' => 'boolean', 'is_set_up_paid' => 'boolean',
        ];
    }
}
