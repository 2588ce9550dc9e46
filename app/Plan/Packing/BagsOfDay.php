<?php

declare(strict_types=1);

namespace App\Plan\Packing;

use App\Account\Ways\BenchOfPainter;
use App\Account\Ways\PainterBench;
use App\Models\Account\User;
use App\Models\Bench\FacePlan;
use App\Plan\Forecast\EventOutline;
use Core\Design\Colour;
use Core\Kit\Kit;
use Core\Plan\Bags\OwnThings;
use Core\Plan\Bags\SharedTool;
use Core\Plan\Bags\ToolUses;
use Core\Plan\Simulation\Artist;
use Core\Units\Duration;
use Core\Workspace\BrushSaving;

/** What the artists of an event share, and what each should have to oneself. */
final readonly class BagsOfDay
{
    public function __construct(private BenchOfPainter $benchOfPainter) {}

    /**
     * @param  list<array{FacePlan, float}>  $menu  plans with how often each is painted on the day
     * @param  Kit  $kit  all that the team owns
     */
    public function __invoke(string $teamId, EventOutline $outline, array $menu, Kit $kit): BagsRead
    {
        $artists = array_values(array_filter(
            array_map(static fn (Artist $artist): string => $artist->id, $outline->scenario->artists),
            static fn (string $id): bool => isset($outline->names[$id]),
        ));
        $names = array_intersect_key($outline->names, array_flip($artists));
        if (count($artists) < 2) {
            return new BagsRead(names: $names, shared: [], lacking: [], saved: [], alike: []);
        }
        $lacking = OwnThings::lacking($kit, $artists);

        return new BagsRead(
            names: $names,
            shared: SharedTool::among(array_map(self::uses(...), $menu), $kit, $artists, self::cycle($outline, $menu)),
            lacking: $lacking,
            saved: $this->saved($teamId, array_keys($lacking), $menu, count($artists)),
            alike: OwnThings::alike($kit, $artists),
        );
    }

    /** @param  array{FacePlan, float}  $offer */
    private static function uses(array $offer): ToolUses
    {
        [$plan, $faces] = $offer;

        return ToolUses::of($faces, array_map(
            static fn (array $step): array => [$step['tool'] ?? '', Duration::ofMilliseconds($step['plannedMs'])],
            $plan->content['steps'],
        ));
    }

    /** @param  list<array{FacePlan, float}>  $menu */
    private static function cycle(EventOutline $outline, array $menu): Duration
    {
        $faces = array_sum(array_column($menu, 1));
        $painting = array_sum(array_map(static fn (array $offer): float => $offer[0]->total_ms * $offer[1], $menu));

        return Duration::ofMilliseconds((int) round($painting / max(1e-9, $faces)))->plus($outline->scenario->turnaround);
    }

    /**
     * @param  list<string>  $lacking  artists
     * @param  list<array{FacePlan, float}>  $menu
     * @return array<string, Duration>
     */
    private function saved(string $teamId, array $lacking, array $menu, int $artists): array
    {
        $saved = [];
        foreach (User::ofTeam($teamId)->whereIn('id', $lacking)->get() as $painter) {
            $bench = ($this->benchOfPainter)($painter);
            $each = array_map(static fn (array $offer): float => $offer[1] * self::onAFace($offer[0], $bench)->milliseconds, $menu);
            $saved[$painter->id] = Duration::ofMilliseconds((int) round(array_sum($each) / $artists));
        }

        return $saved;
    }

    private static function onAFace(FacePlan $plan, PainterBench $bench): Duration
    {
        $isBlackOrWhite = static fn (Colour $colour): bool => $colour->luminance() < Colour::NEARLY_BLACK
            || $colour->luminance() > Colour::NEARLY_WHITE;
        $saved = Duration::zero();
        foreach (BrushSaving::of($plan->toDesign(), $bench->kit, $bench->benchTimes, $bench->stepTimes) as $saving) {
            $saved = $isBlackOrWhite($saving->colour) ? $saved->plus($saving->aFace) : $saved;
        }

        return $saved;
    }
}
