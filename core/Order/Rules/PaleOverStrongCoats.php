<?php

declare(strict_types=1);

namespace Core\Order\Rules;

use Core\Colour\Sight;
use Core\Colour\Word;
use Core\Order\Course;
use Core\Order\Finding;
use Core\Order\Fix;
use Core\Order\LooksAtFace;
use Core\Order\Severity;
use Core\Order\Sighting;

/** White over red takes two coats, perhaps three (common practice, no source). */
final readonly class PaleOverStrongCoats implements LooksAtFace
{
    public function id(): string
    {
        return 'pale-over-strong-coats';
    }

    public function title(): string
    {
        return 'Pale over strong needs coats';
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
        foreach ($course->sightings as $at => $sightings) {
            if ($sightings === [] || ! $course->preparation->isPale($at) || ! $course->preparation->layers[$at]->covers() || $course->preparation->isInlay($at)) {
                continue;
            }
            $step = $course->step($at);
            $needed = Sight::coatsToCover($course->preparation->paint($at), Sighting::mean(...$sightings[0]->grounds)) ?? 0;
            if ($course->below[$at] === null || $needed <= $step->coats || $needed === 0) {
                continue;
            }
            $under = $course->below[$at];
            $says = "“{$step->name}” over “{$course->step($under)->name}” still looks {$this->word($sightings[0])} with {$this->coats($step->coats)}; it covers with {$this->coats($needed)}. Bare skin or a white ground below is the quick way.";
            $findings[] = Finding::of($this, $course, [$at, $under], $says, Fix::changing($course->preparation->design, $at, $step->withCoats($needed), "Make it {$this->coats($needed)}"));
        }

        return $findings;
    }

    private function word(Sighting $sighting): string
    {
        return Word::of($sighting->seen());
    }

    private function coats(int $count): string
    {
        return $count === 1 ? 'one coat' : "{$count} coats";
    }
}
