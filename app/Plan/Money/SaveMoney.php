<?php

declare(strict_types=1);

namespace App\Plan\Money;

use App\Account\Team\RecordAudit;
use App\Models\Account\Team;
use App\Models\Account\User;
use App\Models\Plan\EventDay;
use App\Models\Plan\EventMoney;
use Illuminate\Support\Facades\DB;

/** Keeps the rates of a team, which hold for all its events, and what this one takes and offers. */
final readonly class SaveMoney
{
    public function __construct(private RecordAudit $recordAudit) {}

    public function __invoke(User $by, EventDay $day, MoneyTerms $terms): void
    {
        DB::transaction(function () use ($by, $day, $terms): void {
            $rates = $terms->rates;
            Team::query()->findOrFail($day->team_id)->update([
                'hour_cents' => $rates->hour,
                'least_cents' => $rates->least,
                'kilometre_cents' => $rates->kilometre,
                'materials_cents' => $rates->materials,
                'is_travel_paid' => $rates->isTravelPaid,
                'is_set_up_paid' => $rates->isSetUpPaid,
            ]);
            $costs = $terms->costs;
            EventMoney::query()->updateOrCreate(['event_day_id' => $day->id], [
                'kilometres' => $costs->kilometres,
                'travel_minutes' => intdiv($costs->travel->milliseconds, 60_000),
                'pitch_cents' => $costs->pitch,
                'offered_hour_cents' => $costs->offeredHour,
            ]);
            ($this->recordAudit)($by, "changed rates and costs at {$day->name}");
        });
    }
}
