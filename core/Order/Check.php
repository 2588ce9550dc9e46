<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Design\Design;
use Core\Units\Duration;

/** What the craft says of a design in its given order. */
final readonly class Check
{
    /** @param  list<Finding>  $findings  the worst first */
    private function __construct(public Course $course, public array $findings) {}

    public static function of(Design $design, Circumstances $circumstances): self
    {
        $course = Course::of($design, $circumstances);
        $findings = self::broken($course);
        foreach (Catalogue::asked($design, $circumstances->schools) as $rule) {
            if ($rule instanceof LooksAtFace) {
                array_push($findings, ...$rule->findings($course));
            }
        }
        $rank = array_flip(array_column(Severity::cases(), 'value'));
        usort($findings, static fn (Finding $one, Finding $other): int => $rank[$one->severity->value] <=> $rank[$other->severity->value]);

        return new self($course, $findings);
    }

    public function hasStop(): bool
    {
        return ($this->findings[0]->severity ?? null) === Severity::Stop;
    }

    /** @return list<Finding> of the rules that order steps; one for each rule and film, of the first step that breaks it */
    private static function broken(Course $course): array
    {
        $first = [];
        foreach ($course->constraints->all as $constraint) {
            $key = "{$constraint->rule} {$constraint->from}";
            if (self::isBroken($course, $constraint) && (! isset($first[$key]) || $constraint->to < $first[$key]->to)) {
                $first[$key] = $constraint;
            }
        }
        $broken = self::withoutWeaker(array_values($first));

        return array_map(static fn (Constraint $constraint): Finding => self::finding($course, $constraint), $broken);
    }

    /**
     * Several rules may want the same wait; the one that wants the longest says it.
     *
     * @param  list<Constraint>  $broken
     * @return list<Constraint>
     */
    private static function withoutWeaker(array $broken): array
    {
        return array_values(array_filter($broken, static function (Constraint $one) use ($broken): bool {
            foreach ($broken as $at => $other) {
                $samePair = $one !== $other && $one->from === $other->from && $one->to === $other->to;
                $isStronger = $other->least > $one->least || ($other->least === $one->least && array_search($one, $broken, true) > $at);
                if ($samePair && $isStronger && $one->most === null) {
                    return false;
                }
            }

            return true;
        }));
    }

    private static function isBroken(Course $course, Constraint $constraint): bool
    {
        $gap = $course->gap($constraint->from, $constraint->to);

        return $constraint->from > $constraint->to || $gap < $constraint->least || $gap > ($constraint->most ?? $gap);
    }

    private static function finding(Course $course, Constraint $broken): Finding
    {
        $gap = $course->gap($broken->from, $broken->to);
        $said = match (true) {
            $broken->from > $broken->to => 'Here it is the other way round.',
            $gap < $broken->least => 'Here it starts after '.Duration::ofMilliseconds($gap)->format().'.',
            default => 'Here it starts '.Duration::ofMilliseconds($gap)->format().' after.',
        };
        $ids = [$course->step($broken->from)->id, $course->step($broken->to)->id];

        return new Finding($broken->rule, $broken->severity, $ids, "{$broken->why} {$said}", Repairs::of($course)->mending($broken));
    }
}
