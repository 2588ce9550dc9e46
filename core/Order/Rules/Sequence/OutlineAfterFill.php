<?php

declare(strict_types=1);

namespace Core\Order\Rules\Sequence;

use Core\Design\Technique;
use Core\Order\Constraint;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\OrdersSteps;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\DesignFacts;
use Core\Order\Layer;

/** What is filled after its outline runs over it (common practice, no source). */
#[RuleInfo('Outline after fill', Severity::Warn)]
final readonly class OutlineAfterFill implements OrdersSteps
{
    use HasRuleInfo;

    public function constraints(DesignFacts $design): array
    {
        return Constraint::betweenTouching(
            $this,
            $design,
            fn (int $fill, int $outline): bool => $design->layers[$fill] === Layer::Shape
                && $design->steps[$outline]->technique === Technique::Outline
                && $this->belong($design, $fill, $outline),
            static fn (int $fill, int $outline): string => "“{$design->name($outline)}” outlines “{$design->name($fill)}”: "
                .'filled first, its edge stays clean.',
        );
    }

    /** An outline without a shape goes round what lies there already. */
    private function belong(DesignFacts $design, int $fill, int $outline): bool
    {
        $shape = $design->steps[$outline]->mark->shape;

        return $shape === null ? $fill < $outline : $shape === $design->steps[$fill]->mark->shape;
    }
}
