<?php

declare(strict_types=1);

namespace Core\Order\Rules\Child;

use Core\Design\Audience;
use Core\Design\Design;
use Core\Design\Place\Placement;
use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\Defaults;
use Core\Order\Layer;
use Core\Order\PaintedSequence;

/** Usual caution; local codes and licensed practice come first. */
#[RuleInfo('Under three', Severity::Stop)]
final readonly class UnderThree implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        $age = $design->design->audience->fromAge;
        if ($age === null || $age >= Defaults::FULL_FACE_FROM_AGE) {
            return [];
        }
        $gems = array_keys(array_filter($design->layers, static fn (Layer $layer): bool => $layer === Layer::Gem));
        if ($gems !== []) {
            $says = "{$design->design->name} is meant for children from {$age}: no gems under three, they are swallowed.";
            $findings[] = Finding::of(
                rule: $this,
                course: $course,
                places: $gems,
                says: $says,
                fix: Fix::without($design->design, $gems, 'Leave the gems out'),
            );
        }
        if ($design->design->placement === Placement::FullFace || $design->design->placement === Placement::Mask) {
            $says = "{$design->design->name} is meant for children from {$age}: no full face under three. A small mark on "
                .'cheek or hand at most, with a parent present.';
            $findings[] = Finding::of(rule: $this, course: $course, places: [], says: $says, fix: $this->fromThree($design->design));
        }

        return $findings;
    }

    private function fromThree(Design $design): Fix
    {
        $age = Defaults::FULL_FACE_FROM_AGE;

        return Fix::to(
            $design->withAudience(new Audience($design->audience->sitsStillFor, $design->audience->isGentle, $age)),
            "Offer it from {$age} years",
        );
    }
}
