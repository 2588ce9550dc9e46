<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use App\Line\Offered\DesignOnDay;
use App\Line\Offered\DesignsOnDay;
use App\Models\Menu\MenuItem;
use App\Models\Plan\EventDay;
use Core\Plan\FacesExpected as CoreFacesExpected;
use Core\Units\Duration;

/** How many faces of each design the booked days may bring: all chairs busy from opening to closing, every design as likely. */
final readonly class FacesExpected
{
    public function __construct(private DesignsOnDay $designsOnDay) {}

    /** @return array<string, float> by design */
    public function __invoke(string $teamId, int $nowMs): array
    {
        $expected = [];
        foreach (EventDay::ofTeam($teamId)->with('menuItems')->where('closes_ms', '>', $nowMs)->get() as $day) {
            $planned = array_intersect_key(
                ($this->designsOnDay)($day, []),
                $day->menuItems->keyBy(static fn (MenuItem $item): string => $item->design_id)->all(),
            );
            $faces = CoreFacesExpected::of(
                Duration::ofMilliseconds(max(0, $day->closes_ms - max($nowMs, $day->opens_ms))),
                $day->chairs,
                Duration::ofMilliseconds($day->turnaround_ms),
                array_map(static fn (DesignOnDay $design): Duration => $design->planned, $planned),
            );
            foreach ($faces as $id => $each) {
                $expected[$id] = ($expected[$id] ?? 0.0) + $each;
            }
        }

        return $expected;
    }
}
