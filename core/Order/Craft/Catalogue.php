<?php

declare(strict_types=1);

namespace Core\Order\Craft;

use Core\Design\Design;
use Core\Order\Rules\Child;
use Core\Order\Rules\Look;
use Core\Order\Rules\Sequence;
use Core\Order\Rules\Wet;
use Core\Order\Schools\Schools;

/** All rules of the craft. */
final readonly class Catalogue
{
    /** @return list<Rule> in the order in which they are spoken of */
    public static function all(): array
    {
        return [
            new Child\NotForSkin, new Child\UnderThree, new Child\WetAtLashLine, new Child\LooseGlitterNearEyes, new Child\LatexGlue,
            new Sequence\BaseBeforeLine, new Sequence\StencilBeforeLine, new Sequence\PowderBeforeWet, new Sequence\OutlineAfterFill,
            new Sequence\BackBeforeFront, new Look\FeaturesComplete, new Wet\StrongOverPaleOnDry, new Wet\ShapeOnWet,
            new Wet\StrongOverPaleThin, new Wet\PaleLineOnDryDark, new Wet\SparkleOnDry, new Wet\LineOnTackyBase, new Wet\LineOnDryBase,
            new Wet\SoftInlayWhileTacky, new Wet\LooseGlitterOnWet, new Child\GlitterNeedsHold, new Sequence\DotsAfterGlitter,
            new Wet\PaleOverStrongCoats, new Wet\BlendLightIntoDark, new Wet\MuddyNeighbours, new Look\SplitCakeWrongWay,
            new Look\CakeLongerThanSponge, new Look\LineSeenAtTwoMetres, new Sequence\GemsLast, new Sequence\LipsLast,
            new Sequence\LidsLast, new Wet\BlendTakesMinutes, new Child\LipsWear, new Child\LipsNever, new Child\EyesShutTooLong,
            new Child\StillTooLong, new Child\LongerThanPromise, new Wet\StandingWait, new Sequence\ToolTornApart,
            new Look\BlackAndWhiteBrush, new Look\NeedlessFinerBrush, new Look\SpongeSides, new Look\TooBusy, new Look\LargeWhiteInPearl,
            new Sequence\FrameDotted, new Look\HighlightsLighter, new Look\TextureFreehand, new Child\GemsSelfStick, new Child\GemsNone,
            new Sequence\FeaturesFirst, new Sequence\TopToBottom,
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
                ->isSilent($rule->id()) && ($rule->info()->school === null || $schools->follow($rule->info()->school)),
        ));
    }
}
