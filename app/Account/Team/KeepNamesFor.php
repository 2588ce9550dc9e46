<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Line\Forgetting\ForgetNamesOfDay;
use App\Models\Account\Team;
use App\Models\Account\User;
use App\Models\Plan\EventDay;
use Illuminate\Support\Facades\DB;

/** Keeps children's first names for so many days after an event, those of events that were, too. */
final readonly class KeepNamesFor
{
    public function __construct(private RecordAudit $recordAudit) {}

    public function __invoke(User $owner, int $days): void
    {
        Team::query()->whereKey($owner->team_id)->update(['names_days' => $days]);
        ($this->recordAudit)($owner, $days === 0 ? 'keeps first names for the day only' : "keeps first names for {$days} days");
        $named = DB::table('chair_events')->whereNotNull('first_name')->select('event_day_id');
        foreach (EventDay::ofTeam($owner->team_id)->withTrashed()->whereIn('id', $named)->get() as $day) {
            ForgetNamesOfDay::dispatch($owner->team_id, $day->id, $days);
        }
    }
}
