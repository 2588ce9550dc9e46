<?php

declare(strict_types=1);

namespace App\Plan\Days;

use App\Account\Team\RecordAudit;
use App\Exceptions\DayInUse;
use App\Logbook\Pace\LearnDesign;
use App\Models\Account\User;
use App\Models\Line\ChairEvent;
use App\Models\Logbook\Face;
use App\Models\Plan\EventDay;
use App\Plan\FacePlans\PlanTeamAnew;
use Illuminate\Support\Facades\DB;

/** Takes a day out of the diary, as long as nothing has happened on its line here; what came with a file goes with its faces. */
final readonly class DeleteDay
{
    public function __construct(private RecordAudit $recordAudit) {}

    /** @throws DayInUse when something has */
    public function __invoke(User $by, EventDay $day): void
    {
        if (ChairEvent::query()->where('event_day_id', $day->id)->where('seq', '>', $day->brought_seq ?? 0)->exists()) {
            throw DayInUse::of($day->name);
        }
        $faces = Face::ofTeam($day->team_id)->where('event_day_id', $day->id);
        /** @var list<string> $designs */
        $designs = $faces->clone()->distinct()->pluck('design_id')->all();
        DB::transaction(function () use ($by, $day, $faces): void {
            // Written anew from the taps, should the day come back.
            $faces->delete();
            $day->delete();
            ($this->recordAudit)($by, "deleted the event {$day->name}");
        });
        foreach ($designs as $design) {
            LearnDesign::dispatch($day->team_id, $design);
        }
        if ($designs !== []) {
            PlanTeamAnew::dispatch($day->team_id);
        }
    }
}
