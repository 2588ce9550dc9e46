<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use App\Line\Offered\DesignOnDay;
use App\Line\Offered\DesignsOnDay;
use App\Models\Logbook\Face;
use App\Models\Menu\MenuItem;
use App\Models\Plan\EventDay;
use App\Models\Plan\EventPlan;
use App\Plan\Earlier\LastLinesOfTeam;
use Core\Plan\BookingKind;
use Core\Plan\Defaults;
use Core\Plan\FacesExpected as CoreFacesExpected;
use Core\Plan\Simulation\LeverKind;
use Core\Plan\TurnaroundPart;
use Core\Units\Duration;

/** What is expected of an event day: as it was said, else as one would assume. */
final readonly class TermsOfDay
{
    public function __construct(private DesignsOnDay $designsOnDay, private LastLinesOfTeam $lastLines) {}

    public function __invoke(EventDay $day): PlanTerms
    {
        $plan = EventPlan::query()->find($day->id);
        $turnaround = TurnaroundPart::split(Duration::ofMilliseconds($day->turnaround_ms));
        if ($plan === null) {
            return $this->assumed($day, $turnaround);
        }
        $parts = array_map(Duration::ofMilliseconds(...), $plan->turnaround);
        $isDays = array_sum($plan->turnaround) === $day->turnaround_ms;

        return new PlanTerms(
            opensMs: $day->opens_ms,
            closesMs: $day->closes_ms,
            chairs: $day->chairs,
            kind: $plan->kind,
            children: $plan->children,
            arrivals: $plan->arrivals,
            profile: array_map(floatval(...), $plan->profile),
            groups: array_map(floatval(...), $plan->groups),
            bookingCents: $plan->booking_cents,
            setUpMinutes: $plan->set_up_minutes,
            packUpMinutes: $plan->pack_up_minutes,
            // The day's own turnaround may have been changed since.
            turnaround: $isDays ? $parts : $turnaround,
            patienceMinutes: $plan->patience_minutes,
            longest: $plan->longest,
            quickAbove: $plan->quick_above,
            isLineEach: $plan->is_line_each,
            stopNamesMs: $plan->stop_names_ms,
            wantedPercent: $plan->wanted_percent,
            levers: array_map(LeverKind::from(...), $plan->levers),
            ages: $plan->toAges(),
            weather: $plan->toWeather(),
        );
    }

    /** @param  array<string, Duration>  $turnaround */
    private function assumed(EventDay $day, array $turnaround): PlanTerms
    {
        $priced = $day->menuItems->contains(static fn (MenuItem $item): bool => $item->price_cents !== null);
        $kind = $priced || $day->chairs > 1 ? BookingKind::Festival : BookingKind::Party;
        $last = $kind === BookingKind::Festival ? ($this->lastLines)($day->team_id) : null;
        $hours = max(1, (int) ceil(($day->closes_ms - $day->opens_ms) / 3_600_000));

        return new PlanTerms(
            opensMs: $day->opens_ms,
            closesMs: $day->closes_ms,
            chairs: $day->chairs,
            kind: $kind,
            children: $this->children($day),
            arrivals: $kind->arrivals(),
            profile: $last?->profile($hours) ?? array_fill(0, $hours, 1.0),
            groups: $last?->groups() ?? Defaults::GROUPS,
            bookingCents: null,
            setUpMinutes: Defaults::SET_UP_MINUTES,
            packUpMinutes: Defaults::PACK_UP_MINUTES,
            turnaround: $turnaround,
            patienceMinutes: $last?->patienceMinutes(),
            longest: null,
            quickAbove: null,
            isLineEach: false,
            stopNamesMs: null,
            wantedPercent: (int) round(100 * Defaults::WANTED_CHANCE),
            levers: [],
        );
    }

    /** As many as were painted, else as the chairs can paint. */
    private function children(EventDay $day): int
    {
        $painted = Face::ofTeam($day->team_id)->where('event_day_id', $day->id)->count();
        $offered = array_filter(($this->designsOnDay)($day, []), static fn (DesignOnDay $design): bool => $design->offer !== null);
        $expected = CoreFacesExpected::of(
            Duration::ofMilliseconds($day->closes_ms - $day->opens_ms),
            $day->chairs,
            Duration::ofMilliseconds($day->turnaround_ms),
            array_map(static fn (DesignOnDay $design): Duration => $design->planned, $offered),
        );

        return $painted > 0 ? $painted : max(1, (int) array_sum($expected));
    }
}
