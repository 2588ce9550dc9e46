<?php

declare(strict_types=1);

namespace Core\Order\Rules\Sequence;

use Core\Design\Place\Zone;
use Core\Order\Constraint;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\OrdersSteps;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\DesignFacts;
use Core\Order\Layer;
use Core\Order\Schools\School;

/** Eyes, nose and mouth first, within each layer of the face (common practice, no source). */
#[RuleInfo('Features first', Severity::Tip, School::FeaturesFirst)]
final readonly class FeaturesFirst implements OrdersSteps
{
    use HasRuleInfo;

    public function constraints(DesignFacts $design): array
    {
        $constraints = [];
        foreach ($design->layers as $one => $layer) {
            foreach ($design->layers as $other => $its) {
                if ($layer === $its && $layer !== Layer::Bare && $one !== $other && $this->isFeature($design, $one)
                    && ! $this->isFeature($design, $other)) {
                    $constraints[] = Constraint::of(
                        $this,
                        $one,
                        $other,
                        "Features first, so that none is forgotten: “{$design->name($one)}” before “{$design->name($other)}”.",
                    );
                }
            }
        }

        return $constraints;
    }

    private function isFeature(DesignFacts $design, int $at): bool
    {
        return array_filter($design->steps[$at]->zones, static fn (Zone $zone): bool => $zone->isFeature()) !== [];
    }
}
