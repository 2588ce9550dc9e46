<?php

declare(strict_types=1);

namespace Core\Order\Rules;

use Core\Design\Placement;
use Core\Design\Side;
use Core\Order\Course;
use Core\Order\Finding;
use Core\Order\Fix;
use Core\Order\LooksAtFace;
use Core\Order\Preparation;
use Core\Order\Severity;

/** Features first, so that none is forgotten (common practice, no source). */
final readonly class FeaturesComplete implements LooksAtFace
{
    public function id(): string
    {
        return 'features-complete';
    }

    public function title(): string
    {
        return 'Features on both sides';
    }

    public function severity(): Severity
    {
        return Severity::Warn;
    }

    public function school(): null
    {
        return null;
    }

    public function findings(Course $course): array
    {
        $findings = [];
        $design = $course->preparation;
        if (! in_array($design->design->placement, [Placement::FullFace, Placement::Mask], true)) {
            return [];
        }
        foreach ($design->steps as $at => $step) {
            if ($step->side->isOneSided() && ! $this->hasTwin($design, $at) && $step->zones !== []) {
                $other = $step->side === Side::Left ? 'right' : 'left';
                $says = "“{$step->name}” is on the {$step->side->value} only, and nothing like it on the {$other}: a face looks unfinished so.";
                $findings[] = Finding::of($this, $course, [$at], $says, Fix::changing($design->design, $at, $step->withSide(Side::Both), 'Paint it on both sides'));
            }
        }

        return $findings;
    }

    private function hasTwin(Preparation $design, int $at): bool
    {
        $step = $design->steps[$at];
        foreach ($design->steps as $other) {
            if ($other->technique === $step->technique && $other->zones === $step->zones && $other->side->isOneSided() && $other->side !== $step->side) {
                return true;
            }
        }

        return false;
    }
}
