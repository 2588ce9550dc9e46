<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use App\Models\Plan\EventDay;
use App\Models\Plan\EventPlan;
use Core\Plan\Simulation\LeverKind;
use Core\Units\Duration;
use Illuminate\Support\Facades\DB;

/** Keeps what is expected of an event day. Its hours, chairs and turnaround are the day's own. */
final readonly class SavePlan
{
    public function __invoke(EventDay $day, PlanTerms $terms): void
    {
        DB::transaction(function () use ($day, $terms): void {
            $day->fill([
                'opens_ms' => $terms->opensMs,
                'closes_ms' => $terms->closesMs,
                'chairs' => $terms->chairs,
                'turnaround_ms' => $terms->turnaround()->milliseconds,
            ])->save();
            EventPlan::query()->updateOrCreate(['event_day_id' => $day->id], [
                'kind' => $terms->kind,
                'children' => $terms->children,
                'arrivals' => $terms->arrivals,
                'profile' => $terms->profile,
                'groups' => $terms->groups,
                'booking_cents' => $terms->bookingCents,
                'set_up_minutes' => $terms->setUpMinutes,
                'pack_up_minutes' => $terms->packUpMinutes,
                'turnaround' => array_map(static fn (Duration $part): int => $part->milliseconds, $terms->turnaround),
                'patience_minutes' => $terms->patienceMinutes,
                'longest' => $terms->longest,
                'quick_above' => $terms->quickAbove,
                'is_line_each' => $terms->isLineEach,
                'stop_names_ms' => $terms->stopNamesMs,
                'wanted_percent' => $terms->wantedPercent,
                'youngest' => $terms->ages?->youngest,
                'oldest' => $terms->ages?->oldest,
                'celsius' => $terms->weather?->celsius,
                'humidity' => $terms->weather?->humidity,
                'wind' => $terms->weather?->wind,
                'levers' => array_map(static fn (LeverKind $lever): string => $lever->value, $terms->levers),
            ]);
        });
    }
}
