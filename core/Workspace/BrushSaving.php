<?php

declare(strict_types=1);

namespace Core\Workspace;

use Core\Design\Colour;
use Core\Design\Design;
use Core\Design\Medium;
use Core\Kit\BenchTimes;
use Core\Kit\Item;
use Core\Kit\ItemKind;
use Core\Kit\Kit;
use Core\Timeline\ChangeoverMatrix;
use Core\Timeline\HandTimes;
use Core\Timeline\StepTimes;
use Core\Timeline\Timeline;
use Core\Units\Duration;

/** What one more brush, kept for one colour all day, would save on every face. */
final readonly class BrushSaving
{
    private function __construct(public Colour $colour, public Duration $aFace) {}

    /** @return list<self> the greatest first; none where nothing is saved */
    public static function of(Design $design, Kit $kit, BenchTimes $times, StepTimes $stepTimes): array
    {
        $hands = HandTimes::of($design->steps, new ChangeoverMatrix($times, $kit), $stepTimes);
        $makespan = static fn (Kit $with): Duration => Timeline::of(
            $design->steps,
            new ChangeoverMatrix($times, $with),
            $stepTimes,
            $hands,
        )->makespan();
        $now = $makespan($kit);
        $savings = [];
        foreach (self::brushColours($design) as $colour) {
            if ($kit->brushReservedFor($colour) !== null) {
                continue;
            }
            $brush = new Item('', ItemKind::Brush, "{$colour->name} brush", reservedFor: $colour->name);
            $saved = $now->minus($makespan($kit->with($brush)));
            if (! $saved->isZero()) {
                $savings[] = new self($colour, $saved);
            }
        }
        usort($savings, static fn (self $one, self $other): int => $other->aFace->milliseconds <=> $one->aFace->milliseconds);

        return $savings;
    }

    /** @return array<string, Colour> those with a name, which a brush can be marked with */
    private static function brushColours(Design $design): array
    {
        $colours = [];
        foreach ($design->steps as $step) {
            if ($step->medium === Medium::Brush && ($step->colours[0]->name ?? '') !== '') {
                $colours[mb_strtolower($step->colours[0]->name)] = $step->colours[0];
            }
        }

        return $colours;
    }
}
