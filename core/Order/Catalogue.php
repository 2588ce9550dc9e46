<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Design\Design;

/** All rules of the craft. */
final readonly class Catalogue
{
    /** @return list<Rule> in the order in which they are spoken of */
    public static function all(): array
    {
        return [
            new Rules\NotForSkin, new Rules\UnderThree, new Rules\WetAtLashLine, new Rules\LooseGlitterNearEyes, new Rules\LatexGlue,
            new Rules\BaseBeforeLine, new Rules\StencilBeforeLine, new Rules\PowderBeforeWet, new Rules\OutlineAfterFill,
            new Rules\BackBeforeFront,
            new Rules\FeaturesComplete, new Rules\StrongOverPaleOnDry, new Rules\ShapeOnWet, new Rules\StrongOverPaleThin,
            new Rules\PaleLineOnDryDark,
            new Rules\SparkleOnDry, new Rules\LineOnTackyBase, new Rules\LineOnDryBase, new Rules\SoftInlayWhileTacky,
            new Rules\LooseGlitterOnWet,
            new Rules\GlitterNeedsHold, new Rules\DotsAfterGlitter, new Rules\PaleOverStrongCoats, new Rules\BlendLightIntoDark,
            new Rules\MuddyNeighbours, new Rules\SplitCakeWrongWay, new Rules\CakeLongerThanSponge, new Rules\LineSeenAtTwoMetres,
            new Rules\GemsLast, new Rules\LipsLast, new Rules\LidsLast, new Rules\BlendTakesMinutes, new Rules\LipsWear,
            new Rules\LipsNever, new Rules\EyesShutTooLong, new Rules\StillTooLong,
            new Rules\LongerThanPromise, new Rules\StandingWait, new Rules\ToolTornApart, new Rules\BlackAndWhiteBrush,
            new Rules\NeedlessFinerBrush,
            new Rules\SpongeSides, new Rules\TooBusy, new Rules\LargeWhiteInPearl, new Rules\FrameDotted, new Rules\HighlightsLighter,
            new Rules\TextureFreehand, new Rules\GemsSelfStick, new Rules\GemsNone, new Rules\FeaturesFirst, new Rules\TopToBottom,
        ];
    }

    public static function rule(string $id): ?Rule
    {
        foreach (self::all() as $rule) {
            if ($rule->id() === $id) {
                return $rule;
            }
        }

        return null;
    }

    /** @return list<Rule> those of the painter's schools that the design does not silence */
    public static function asked(Design $design, Schools $schools): array
    {
        return array_values(array_filter(
            self::all(),
            static fn (Rule $rule): bool => ! $design
                ->isSilent($rule->id()) && ($rule->card()->school === null || $schools->follow($rule->card()->school)),
        ));
    }
}
