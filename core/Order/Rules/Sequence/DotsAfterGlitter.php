<?php

declare(strict_types=1);

namespace Core\Order\Rules\Sequence;

use Core\Design\Technique;
use Core\Order\Constraint;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\OrdersSteps;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\Defaults;
use Core\Order\DesignFacts;
use Core\Order\Layer;
use Core\Order\Schools\School;

/** Glitter hides dots and highlights (common practice, no source). */
#[RuleInfo('Dots and highlights after glitter', Severity::Warn, School::GlitterOnWetBase)]
final readonly class DotsAfterGlitter implements OrdersSteps
{
    use HasRuleInfo;

    public function constraints(DesignFacts $design): array
    {
        return Constraint::betweenTouching(
            $this,
            $design,
            fn (int $one, int $other): bool => $this->isHeavy($design, $one) && $design->isHighlight($other)
                && $design->isHiddenBy($other, $one),
            static fn (int $one, int $other): string => "Glitter hides fine dots: “{$design->name($other)}” goes on after "
                ."“{$design->name($one)}”.",
        );
    }

    /** Who goes light hides nothing: a poof is done in seconds, gel is painted on. */
    private function isHeavy(DesignFacts $design, int $at): bool
    {
        return $design->layers[$at] === Layer::Glitter && ($design->steps[$at]->technique === Technique::GlitterGel
            || $design->circumstances->times->of($design->steps[$at])->duration->seconds() >= Defaults::HEAVY_GLITTER_SECONDS);
    }
}
