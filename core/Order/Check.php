<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Design\Design;
use Core\Order\Craft\Catalogue;
use Core\Order\Craft\Evidence;
use Core\Order\Craft\Finding;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\Repairs;
use Core\Order\Craft\Severity;
use Core\Units\Duration;

/** What the craft says of a design in its given order. */
final readonly class Check
{
    /** @param  list<Finding>  $findings  the worst first */
    private function __construct(public PaintedSequence $course, public array $findings) {}

    public static function of(Design $design, Circumstances $circumstances): self
    {
        $course = PaintedSequence::of($design, $circumstances);
        $findings = self::broken($course);
        foreach (Catalogue::asked($design, $circumstances->schools) as $rule) {
            if ($rule instanceof LooksAtFace) {
                array_push($findings, ...$rule->findings($course));
            }
        }
        usort(
            $findings,
            static fn (Finding $one, Finding $other): int => [
                self::rank($one->severity),
                $other->cost,
            ] <=> [self::rank($other->severity), $one->cost],
        );

        return new self($course, self::onceAPair($findings));
    }

    /**
     * Two warnings about the same two steps are one to a painter: the dearer says it.
     *
     * @param  list<Finding>  $findings  the worst first
     * @return list<Finding>
     */
    private static function onceAPair(array $findings): array
    {
        $said = $once = [];
        foreach ($findings as $finding) {
            $pair = $finding->steps;
            sort($pair);
            $key = count($pair) === 2 && $finding->severity === Severity::Warn ? implode(' ', $pair) : '';
            if ($key === '' || ! isset($said[$key])) {
                $once[] = $finding;
                $said[$key] = true;
            }
        }

        return $once;
    }

    public function hasStop(): bool
    {
        return ($this->findings[0]->severity ?? null) === Severity::Stop;
    }

    /**
     * Of the rules that order steps, what must be mended first: of each rule one for a film, for the first step that lies on it
     * too soon, and one for a step, for the film that it must wait for longest.
     *
     * @return list<Finding>
     */
    private static function broken(PaintedSequence $course): array
    {
        $first = $longest = [];
        foreach ($course->constraints->all as $constraint) {
            $key = "{$constraint->rule} {$constraint->from}";
            if (self::isBroken($course, $constraint) && (! isset($first[$key]) || $constraint->to < $first[$key]->to)) {
                $first[$key] = $constraint;
            }
        }
        foreach ($first as $constraint) {
            $key = "{$constraint->rule} {$constraint->to}";
            if (! isset($longest[$key]) || self::lack($course, $constraint) > self::lack($course, $longest[$key])) {
                $longest[$key] = $constraint;
            }
        }

        return array_map(
            static fn (Constraint $constraint): Finding => self::finding($course, $constraint),
            self::withoutWeaker(array_values($longest)),
        );
    }

    private static function lack(PaintedSequence $course, Constraint $constraint): int
    {
        return $constraint->least - $course->gap($constraint->from, $constraint->to);
    }

    /**
     * Several rules may be broken by the same two steps; the gravest says it, and of those the one that wants the longest wait.
     *
     * @param  list<Constraint>  $broken
     * @return list<Constraint>
     */
    private static function withoutWeaker(array $broken): array
    {
        $strongest = [];
        foreach ($broken as $constraint) {
            $pair = "{$constraint->from} {$constraint->to}".($constraint->most === null ? '' : ' soon');
            $known = $strongest[$pair] ?? null;
            if ($known === null || self::strength($constraint) > self::strength($known)) {
                $strongest[$pair] = $constraint;
            }
        }

        return array_values($strongest);
    }

    /** @return array{int, int} to be compared */
    private static function strength(Constraint $constraint): array
    {
        return [-self::rank($constraint->severity), $constraint->least];
    }

    private static function rank(Severity $severity): int
    {
        return (int) array_search($severity, Severity::cases(), true);
    }

    private static function isBroken(PaintedSequence $course, Constraint $constraint): bool
    {
        return $constraint->isBrokenBy($course->gap($constraint->from, $constraint->to), $constraint->from > $constraint->to);
    }

    private static function finding(PaintedSequence $course, Constraint $broken): Finding
    {
        $gap = $course->gap($broken->from, $broken->to);
        $said = match (true) {
            $broken->from > $broken->to => 'Here it is the other way round.',
            $gap < $broken->least => 'Here it starts after '.Duration::ofMilliseconds($gap)->format().'.',
            default => 'Here it starts '.Duration::ofMilliseconds($gap)->format().' after.',
        };
        $ids = [$course->step($broken->from)->id, $course->step($broken->to)->id];

        $cost = $broken->price($gap, $broken->from > $broken->to, $course->preparation->durations);

        return new Finding(
            rule: $broken->rule,
            severity: $broken->severity,
            steps: $ids,
            says: "{$broken->why} {$said}",
            fix: Repairs::of($course)->mending($broken),
            cost: $cost,
            evidence: self::evidence($course, $broken, $gap),
        );
    }

    /** @return list<Evidence> */
    private static function evidence(PaintedSequence $course, Constraint $broken, int $gap): array
    {
        $design = $course->preparation;
        $length = static fn (int $milliseconds): string => Duration::ofMilliseconds($milliseconds)->format();
        $evidence = match (true) {
            $broken->from > $broken->to => [Evidence::ofDesign('to paint again', $design->durations[$broken->to]->format())],
            $gap < $broken->least => [
                Evidence::ofFilm($design, $broken->from, 'left to dry at the least', Duration::ofMilliseconds($broken->least)),
                Evidence::ofDesign('here it is left', $length($gap)),
            ],
            default => [
                Evidence::ofFilm($design, $broken->from, 'holds for', Duration::ofMilliseconds((int) $broken->most)),
                Evidence::ofDesign('here it comes after', $length($gap)),
            ],
        };

        return $broken->number === null ? $evidence : [...$evidence, Evidence::ofNumber($design->circumstances, $broken->number)];
    }
}
