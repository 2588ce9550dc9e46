<?php

declare(strict_types=1);

namespace Core\Order\Rules\Wet;

use Core\Colour\LinearRgb;
use Core\Colour\Sight;
use Core\Colour\Word;
use Core\Order\Craft\Evidence;
use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\PaintedSequence;

/** White over red takes two coats, perhaps three (common practice, no source). */
#[RuleInfo('Pale over strong needs coats', Severity::Warn)]
final readonly class PaleOverStrongCoats implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        foreach ($course->sightings as $at => $sightings) {
            $under = $sightings === [] ? null : $course->below[$at];
            if ($under === null || ! $design->isPale($at) || ! $design->steps[$at]->technique->covers() || $design->isWorkedIn($at)
                || ! $design->isRed($under)) {
                continue;
            }
            $step = $course->step($at);
            $ground = LinearRgb::ofHex($course->step($under)->colours[0]->hex);
            $seen = Word::of($design->paint($at)->over($ground, $step->coats));
            $needed = Sight::coatsToCover($design->paint($at), $ground) ?? 0;
            if ($needed <= $step->coats || $seen === Word::of($sightings[0]->meant)) {
                continue;
            }
            $says = "“{$step->name}” over “{$course->step($under)->name}” looks {$seen} with {$this->coats($step->coats)}; it "
                ."covers with {$this->coats($needed)}. Bare skin or a white ground below is the quick way.";
            $again = $design->durations[$at]->times(($needed - $step->coats) / $step->coats);
            $findings[] = Finding::of(
                rule: $this,
                course: $course,
                places: [$at, $under],
                says: $says,
                fix: Fix::changing($design->design, $at, $step->withCoats($needed), "Make it {$this->coats($needed)}"),
            )
                ->costing($again)->restingOn(
                    Evidence::ofDesign('coats here', (string) $step->coats),
                    Evidence::ofDesign('coats that cover', (string) $needed),
                );
        }

        return $findings;
    }

    private function coats(int $count): string
    {
        return $count === 1 ? 'one coat' : "{$count} coats";
    }
}
