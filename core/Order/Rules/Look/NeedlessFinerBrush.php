<?php

declare(strict_types=1);

namespace Core\Order\Rules\Look;

use Core\Design\BrushSize;
use Core\Design\Medium;
use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\Repairs;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\PaintedSequence;
use Core\Order\Schools\School;

/** The tip of a 4 can do the work of a 2 if it is loaded well; some switch, some do not (common practice, no source). */
#[RuleInfo('The tip does the finer line', Severity::Tip, School::TipOfBrush)]
final readonly class NeedlessFinerBrush implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        foreach (array_slice($design->steps, 1, null, true) as $at => $step) {
            $before = $design->steps[$at - 1];
            $finer = BrushSize::of($step->tool);
            $isFiner = $finer !== null && $step->usesColoursOf($before) && BrushSize::of($before->tool)?->isCoarserThan($finer) === true;
            if (! $isFiner || $step->medium !== Medium::Brush) {
                continue;
            }
            $tip = Fix::changing($design->design, $at, $step->withTool($before->tool), "Use the tip of {$before->tool}");
            $saved = Repairs::of($course)->saving($tip->design);
            if ($saved->isZero()) {
                continue;
            }
            $says = "“{$step->name}” changes from {$before->tool} to {$step->tool} for the same colour: {$saved->format()}. "
                ."Loaded well, the tip of {$before->tool} paints it.";
            $findings[] = Finding::of(
                rule: $this,
                course: $course,
                places: [$at - 1, $at],
                says: $says,
                fix: Repairs::of($course)->retimed($tip),
            )->costing($saved);
        }

        return $findings;
    }
}
