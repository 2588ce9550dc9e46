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
            Team::query()->findOrFail($day->team_id)->update(Team::columnsOf($terms->rates));
            EventMoney::query()->updateOrCreate(['event_day_id' => $day->id], EventMoney::columnsOf($terms->costs));
            ($this->recordAudit)($by, "changed rates and costs at {$day->name}");
        });
    }
}
