<?php

declare(strict_types=1);

namespace Core\Order\Rules\Sequence;

use Core\Design\Step;
use Core\Design\Technique;
use Core\Order\Constraint;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\OrdersSteps;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\DesignFacts;
use Core\Order\Layer;

/** What is behind is outlined before what is in front; shapes are painted back to front (common practice, no source). */
#[RuleInfo('Back before front', Severity::Warn)]
final readonly class BackBeforeFront implements OrdersSteps
{
    use HasRuleInfo;

    public function constraints(DesignFacts $design): array
    {
        $outlines = array_keys(array_filter($design->steps, static fn (Step $step): bool => $step->technique === Technique::Outline));
        $constraints = [];
        foreach ($outlines as $one) {
            foreach ($outlines as $other) {
                [$behind, $before] = [$this->fillOf($design, $one), $this->fillOf($design, $other)];
                if ($behind !== null && $before !== null && $behind < $before && $design->touch($one, $other)) {
                    $why = "“{$design->name($behind)}” lies behind “{$design->name($before)}”, so it is outlined first.";
                    $constraints[] = Constraint::of($this, $one, $other, $why);
                }
            }
        }

        return $constraints;
    }

    /** The filled shape that an outline goes round: the last one of its own shape or group. */
    private function fillOf(DesignFacts $design, int $outline): ?int
    {
        $found = null;
        foreach ($design->steps as $at => $step) {
            $sameShape = $step->mark->shape !== null && $step->mark->shape === $design->steps[$outline]->mark->shape;
            $sameGroup = $step->group !== '' && $step->group === $design->steps[$outline]->group;
            if ($design->layers[$at] === Layer::Shape && ($sameShape || $sameGroup) && $design->touch($at, $outline)) {
                $found = $at;
            }
        }

        return $found;
    }
}
