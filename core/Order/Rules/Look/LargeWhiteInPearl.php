<?php

declare(strict_types=1);

namespace Core\Order\Rules\Look;

use Core\Colour\Finish;
use Core\Design\Colour;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Kit\ItemKind;
use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\Defaults;
use Core\Order\Layer;
use Core\Order\PaintedSequence;
use Core\Order\Schools\School;

/** Large areas of pure white look cakey; some use pearl (common practice, no source). */
#[RuleInfo('Large white areas in pearl', Severity::Tip, School::WhitePearl)]
final readonly class LargeWhiteInPearl implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        foreach ($design->steps as $at => $step) {
            $area = array_sum(array_map(
                static fn (Zone $zone): float => $zone->area(),
                $step->zones,
            )) * ($step->side === Side::Both ? 2 : 1);
            $isOpaqueWhite = count($step->colours) === 1 && $step->colours[0]->luminance() > Colour::NEARLY_WHITE
                && ($design->cakes[$at]->finish ?? Finish::Regular) === Finish::Regular;
            if ($design->layers[$at] === Layer::Base && $isOpaqueWhite && $area >= Defaults::LARGE_AREA) {
                $says = "“{$step->name}” is {$area} square centimetres of opaque white, which looks cakey. Pearl is softer and blends.";
                $findings[] = Finding::of(rule: $this, course: $course, places: [$at], says: $says, fix: $this->fix($course, $at));
            }
        }

        return $findings;
    }

    private function fix(PaintedSequence $course, int $at): ?Fix
    {
        foreach ($course->preparation->circumstances->kit->ofKind(ItemKind::Paint) as $paint) {
            if ($paint->finish === Finish::Pearl && $paint->colours[0]->luminance() > Colour::NEARLY_WHITE) {
                $colour = Colour::of($paint->name, $paint->colours[0]->hex);

                return Fix::changing($course->preparation->design, $at, $course->step($at)->withColours([$colour]), "Use {$paint->name}");
            }
        }

        return null;
    }
}
