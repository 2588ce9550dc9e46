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
                $findings[] = Finding::of($this, $course, array_keys($steps), $says, $this->fix($course, Zone::from($zone), $steps));
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
                $marks[$zone->value][$at] = max(1, intdiv($step->strokes(), count($step->zones)));
            }
        }

        return $marks;
    }

    /**
     * As many marks of the step that adds least as there is room for; none where there is no room.
     *
     * @param  array<int, int>  $marks  by step
     */
    private function fix(Course $course, Zone $zone, array $marks): Fix
    {
        $steps = array_keys($marks);
        usort($steps, static fn (int $one, int $other): int => $course->step($one)->look <=> $course->step($other)->look);
        $least = $steps[0];
        $step = $course->step($least);
        $room = (int) floor(Defaults::BUSY_MARKS * $zone->area()) - (array_sum($marks) - $marks[$least]);
        $design = $course->preparation->design;

        return $room < 1
            ? Fix::without($design, [$least], "Leave out “{$step->name}”")
            : Fix::changing($design, $least, $step->withCount($room * count($step->zones)), "Only {$room} of “{$step->name}” there");
    }
}
