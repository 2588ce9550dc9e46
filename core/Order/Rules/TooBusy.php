<?php

declare(strict_types=1);

namespace Core\Order\Rules;

use Core\Design\Zone;
use Core\Order\Course;
use Core\Order\Defaults;
use Core\Order\Finding;
use Core\Order\Fix;
use Core\Order\LooksAtFace;
use Core\Order\Preparation;
use Core\Order\Severity;

/** Ribbons and dots that made it too busy are a common complaint (common practice, no source). The threshold is the team’s estimate. */
final readonly class TooBusy implements LooksAtFace
{
    public function id(): string
    {
        return 'too-busy';
    }

    public function title(): string
    {
        return 'Too busy';
    }

    public function severity(): Severity
    {
        return Severity::Tip;
    }

    public function school(): null
    {
        return null;
    }

    public function findings(Course $course): array
    {
        $findings = [];
        $design = $course->preparation;
        foreach ($this->marks($design) as $zone => $steps) {
            $marks = array_sum($steps);
            $area = Zone::from($zone)->area();
            if ($marks / $area > Defaults::BUSY_MARKS && count($steps) > 1) {
                $says = "{$marks} marks crowd the ".Zone::from($zone)->label()." ({$area} square centimetres): from a step away it gets too busy.";
                $findings[] = Finding::of($this, $course, array_keys($steps), $says, $this->fix($course, array_keys($steps)));
            }
        }

        return $findings;
    }

    /** @return array<string, array<int, int>> marks a side by zone and step */
    private function marks(Preparation $design): array
    {
        $marks = [];
        foreach ($design->steps as $at => $step) {
            foreach ($step->technique->isCounted() ? $step->zones : [] as $zone) {
                $marks[$zone->value][$at] = intdiv($step->strokes(), count($step->zones)) + 1;
            }
        }

        return $marks;
    }

    /**
     * The step that adds least goes, if it may; else it is thinned out.
     *
     * @param  list<int>  $steps
     */
    private function fix(Course $course, array $steps): Fix
    {
        usort($steps, static fn (int $one, int $other): int => $course->step($one)->look <=> $course->step($other)->look);
        $design = $course->preparation->design;
        $least = $course->step($steps[0]);

        return $least->optional || $least->strokes() < 2
            ? Fix::without($design, [$steps[0]], "Leave out “{$least->name}”")
            : Fix::changing($design, $steps[0], $least->withCount(intdiv($least->strokes() + 1, 2)), "Half as many of “{$least->name}”");
    }
}
