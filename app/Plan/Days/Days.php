<?php

declare(strict_types=1);

namespace App\Plan\Days;

use App\Account\Team\RecordAudit;
use App\Exceptions\Conflict;
use App\Line\Taps\StoryOfDay;
use App\Logbook\Faces\WriteLogbook;
use App\Logbook\Pace\LearnDesign;
use App\Logbook\Pace\LearnFromDay;
use App\Models\Account\User;
use App\Models\Line\ChairEvent;
use App\Models\Logbook\Face;
use App\Models\Plan\EventDay;
use App\Plan\FacePlans\PlanTeamAnew;
use Illuminate\Support\Facades\DB;

/** The days of a team, as they are planned, moved and deleted. */
final readonly class Days
{
    public function __construct(private RecordAudit $recordAudit, private StoryOfDay $storyOfDay, private WriteLogbook $writeLogbook) {}

    /** @param  EventDay  $day new or known, its team set */
    public function save(EventDay $day, DayTerms $terms): EventDay
    {
        $day->fill([
            'name' => $terms->name,
            'place' => $terms->place,
            'timezone' => $terms->timezone,
            'opens_ms' => $terms->opensMs,
            'closes_ms' => $terms->closesMs,
            'chairs' => $terms->chairs,
            'turnaround_ms' => $terms->turnaround->milliseconds,
        ])->save();

        return $day;
    }

    /**
     * Takes a day out of the diary, as long as nothing has happened on its line here; what came with a file goes with its faces.
     *
     * @throws Conflict when something has
     */
    public function delete(User $by, EventDay $day): void
    {
        if (ChairEvent::query()->where('event_day_id', $day->id)->where('seq', '>', $day->brought_seq ?? 0)->exists()) {
            throw Conflict::dayInUse($day->name);
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

    /** Puts a deleted day back into the diary, and its faces into the logbook where there were any. */
    public function restore(EventDay $day): EventDay
    {
        DB::transaction(function () use ($day): void {
            $day->restore();
            $line = $this->storyOfDay->fromTheBeginning($day)->line;
            ($this->writeLogbook)($day, $line, array_keys($line->tickets));
        });
        LearnFromDay::dispatch($day->team_id, $day->id);

        return $day;
    }
}
