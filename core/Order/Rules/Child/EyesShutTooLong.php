<?php

declare(strict_types=1);

namespace Core\Order\Rules\Child;

use Core\Design\Place\Zone;
use Core\Order\Craft\Evidence;
use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\Repairs;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\PaintedSequence;
use Core\Order\Schools\TradeNumber;
use Core\Units\Duration;

/** How long children keep their eyes shut is the team’s estimate. */
#[RuleInfo('Eyes shut too long', Severity::Warn)]
final readonly class EyesShutTooLong implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        foreach ($course->shutStretches() as $stretch) {
            [$first, $last] = [$stretch[0], $stretch[count($stretch) - 1]];
            $length = $this->shutFor($course, $stretch);
            $most = Duration::ofSeconds($design->circumstances->numbers->get(TradeNumber::EyesShut));
            if ($length->isLongerThan($most)) {
                $says = "From “{$design->name($first)}” to “{$design->name($last)}” the eyes are shut for {$length->format()} "
                    ."at a stretch; children take {$most->format()} well.";
                $findings[] = Finding::of(rule: $this, course: $course, places: $stretch, says: $says, fix: $this->fix($course, $stretch))
                    ->costing($length->minus($most))->restingOn(
                        Evidence::ofDesign('eyes shut here', $length->format()),
                        Evidence::ofNumber($design->circumstances, TradeNumber::EyesShut),
                    );
            }
        }

        return $findings;
    }

    /**
     * Where a step reaches beyond the eyes, they are shut for no more than its share about them.
     *
     * @param  non-empty-list<int>  $stretch
     */
    private function shutFor(PaintedSequence $course, array $stretch): Duration
    {
        $area = static fn (Zone ...$zones): float => array_sum(array_map(static fn (Zone $zone): float => $zone->area(), $zones));
        $shut = 0.0;
        foreach ($stretch as $place => $at) {
            $zones = $course->step($at)->zones;
            $near = array_filter($zones, static fn (Zone $zone): bool => $zone->isEye());
            $length = $course->ends[$at] - ($place === 0 ? $course->starts[$at] : $course->ends[$stretch[$place - 1]]);
            $shut += $length * ($near === [] ? 1.0 : $area(...array_values($near)) / $area(...$zones));
        }

        return Duration::ofMilliseconds((int) round($shut));
    }

    /**
     * Something else between, so that the eyes may open.
     *
     * @param  list<int>  $stretch
     */
    private function fix(PaintedSequence $course, array $stretch): ?Fix
    {
        $middle = $stretch[intdiv(count($stretch), 2)];
        $order = count($stretch) < 2 ? null : Repairs::of($course)->somethingBefore(
            $middle,
            static fn (int $at): bool => ! in_array($at, $stretch, true),
        );

        return $order === null ? null : Fix::inOrder(
            $course->preparation->design,
            $order->order,
            "Let the eyes open for “{$course->preparation->name($order->moved)}”",
        );
    }
}
