<?php

declare(strict_types=1);

namespace Core\Order\Rules\Look;

use Core\Design\Medium;
use Core\Kit\ItemKind;
use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\PaintedSequence;

/** A cake longer than the sponge is wide smears the last colours into mud (common practice, no source). */
#[RuleInfo('Cake longer than the sponge', Severity::Warn)]
final readonly class CakeLongerThanSponge implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        $kit = $design->circumstances->kit;
        foreach ($design->steps as $at => $step) {
            $cake = count($step->colours) > 1 && $step->medium === Medium::Sponge ? $kit->splitCakeOf($step->colours) : null;
            $width = $kit->named($step->tool)?->widthMillimetres;
            if ($cake?->lengthMillimetres === null || $width === null || $cake->lengthMillimetres <= $width) {
                continue;
            }
            $says = "“{$cake->name}” is {$cake->lengthMillimetres} mm long and the {$step->tool} {$width} mm wide: the last "
                .'colours smear into mud.';
            $findings[] = Finding::of(
                rule: $this,
                course: $course,
                places: [$at],
                says: $says,
                fix: $this->fix($course, $at, $cake->lengthMillimetres),
            );
        }

        return $findings;
    }

    /** A sponge that is wide enough, else as many colours as fit. */
    private function fix(PaintedSequence $course, int $at, int $length): Fix
    {
        $kit = $course->preparation->circumstances->kit;
        $step = $course->step($at);
        foreach ($kit->ofKind(ItemKind::Sponge) as $sponge) {
            if ($sponge->widthMillimetres >= $length) {
                return Fix::changing($course->preparation->design, $at, $step->withTool($sponge->name), "Use the {$sponge->name}");
            }
        }
        $fits = max(1, intdiv(count($step->colours) * (int) $kit->named($step->tool)?->widthMillimetres, $length));

        return Fix::changing(
            $course->preparation->design,
            $at,
            $step->withColours(array_slice($step->colours, 0, $fits)),
            "Pick up its first {$fits} colours only",
        );
    }
}
