<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Design\Pin;
use Core\Design\PinKind;
use Core\Order\Search\Lag;

/** All that a design's order must keep: the craft's rules, the painter's pins, and the picture itself. */
final readonly class Constraints
{
    public const PIN = 'pin';

    public const PICTURE = 'picture';

    public const TYPED_DRYING = 'typed-drying';

    /**
     * @param  list<Constraint>  $all
     * @param  list<list<int>>  $together  groups of places that nothing may come between
     */
    private function __construct(public array $all, public array $together) {}

    public static function of(Preparation $design): self
    {
        $asked = Catalogue::asked($design->design, $design->circumstances->schools);
        $firm = $wished = [];
        foreach ($asked as $rule) {
            $ordered = $rule instanceof OrdersSteps ? $rule->constraints($design) : [];
            $rule->severity() === Severity::Tip ? $wished[] = $ordered : $firm[] = $ordered;
        }
        $firm = array_merge(self::pinned($design), self::typedDrying($design), ...$firm);

        return new self([...$firm, ...self::thatFit($design, $firm, [...self::picture($design, $firm), ...array_merge(...$wished)])], self::groups($design));
    }

    /** @return list<Lag> one for each pair, with the narrowest bounds */
    public function lags(): array
    {
        return self::lagsOf($this->all);
    }

    /**
     * @param  list<Constraint>  $constraints
     * @return list<Lag> one for each pair, with the narrowest bounds
     */
    public static function lagsOf(array $constraints): array
    {
        $lags = [];
        foreach ($constraints as $constraint) {
            $key = "{$constraint->from} {$constraint->to}";
            $known = $lags[$key] ?? new Lag($constraint->from, $constraint->to);
            $most = min($known->most ?? PHP_INT_MAX, $constraint->most ?? PHP_INT_MAX);
            $lags[$key] = new Lag($constraint->from, $constraint->to, max($known->least, $constraint->least), $most === PHP_INT_MAX ? null : $most);
        }

        return array_values($lags);
    }

    /** Only what the craft, the pins and the picture want, without what would merely be nice. */
    public function withoutWishes(): self
    {
        $firm = array_filter($this->all, static fn (Constraint $constraint): bool => $constraint->severity !== Severity::Tip || $constraint->rule === self::PICTURE);

        return new self(array_values($firm), $this->together);
    }

    /** @return list<Constraint> */
    private static function pinned(Preparation $design): array
    {
        $constraints = [];
        foreach ($design->design->pins as $pin) {
            $places = self::places($design, $pin);
            $constraints = [...$constraints, ...match ($pin->kind) {
                PinKind::Before => [self::pin($places[0], $places[1], "You pinned “{$design->name($places[0])}” before “{$design->name($places[1])}”.")],
                PinKind::WhileWet => [self::whileWet($design, $places[0], $places[1])],
                PinKind::First => self::first($design, $places[0]),
                PinKind::Last => self::last($design, $places[0]),
                PinKind::Together, PinKind::Needs => [],
            }];
        }

        return $constraints;
    }

    private static function pin(int $from, int $to, string $why): Constraint
    {
        return new Constraint(self::PIN, Severity::Warn, $from, $to, $why);
    }

    /** Wanted pick-up: the later step takes up some of the earlier one's paint. */
    private static function whileWet(Preparation $design, int $from, int $to): Constraint
    {
        $wet = $design->tackyAfter($from);
        $why = "You pinned “{$design->name($to)}” while “{$design->name($from)}” is wet, which it is for {$wet->format()}.";

        return new Constraint(self::PIN, Severity::Warn, $from, $to, $why, 0, $wet->milliseconds);
    }

    /** @return list<Constraint> */
    private static function first(Preparation $design, int $first): array
    {
        $others = array_values(array_diff(array_keys($design->steps), [$first]));

        return array_map(static fn (int $other): Constraint => self::pin($first, $other, "You pinned “{$design->name($first)}” first."), $others);
    }

    /** @return list<Constraint> */
    private static function last(Preparation $design, int $last): array
    {
        $others = array_values(array_diff(array_keys($design->steps), [$last]));

        return array_map(static fn (int $other): Constraint => self::pin($other, $last, "You pinned “{$design->name($last)}” last."), $others);
    }

    /** @return list<list<int>> groups that share a step are one group */
    private static function groups(Preparation $design): array
    {
        $groups = [];
        foreach ($design->design->pins as $pin) {
            if ($pin->kind !== PinKind::Together) {
                continue;
            }
            $group = self::places($design, $pin);
            foreach ($groups as $at => $other) {
                if (array_intersect($group, $other) !== []) {
                    $group = [...$group, ...$other];
                    unset($groups[$at]);
                }
            }
            $groups[] = array_values(array_unique($group));
        }

        return array_values($groups);
    }

    /** @return list<int> */
    private static function places(Preparation $design, Pin $pin): array
    {
        $places = array_flip(array_column($design->steps, 'id'));

        return array_map(static fn (string $id): int => $places[$id], $pin->steps);
    }

    /** @return list<Constraint> what "dry for" of a step means, as it was typed */
    private static function typedDrying(Preparation $design): array
    {
        $constraints = [];
        foreach ($design->steps as $at => $step) {
            for ($under = 0; $under < $at && ! $step->dryFor->isZero(); $under++) {
                if ($design->touch($under, $at)) {
                    $why = "“{$step->name}” says that the paint below must have dried for {$step->dryFor->format()}.";
                    $constraints[] = new Constraint(self::TYPED_DRYING, Severity::Warn, $under, $at, $why, $step->dryFor->milliseconds);
                }
            }
        }

        return $constraints;
    }

    /**
     * What lies over what makes the picture: it stays so, unless the craft says otherwise. Glitter that must be caught by a wet
     * film goes on when that film is wet, whatever was typed over it.
     *
     * @param  list<Constraint>  $firm
     * @return list<Constraint>
     */
    private static function picture(Preparation $design, array $firm): array
    {
        $caught = [];
        foreach ($firm as $constraint) {
            $caught[$constraint->to] = $constraint->most !== null && $design->layers[$constraint->to] === Layer::Glitter || ($caught[$constraint->to] ?? false);
        }
        $constraints = [];
        foreach ($design->touching() as [$under, $over]) {
            if ($under < $over && ! ($caught[$under] ?? false) && ! ($caught[$over] ?? false)) {
                $why = "“{$design->name($over)}” lies over “{$design->name($under)}”.";
                $constraints[] = new Constraint(self::PICTURE, Severity::Tip, $under, $over, $why);
            }
        }

        return $constraints;
    }

    /**
     * Wishes, taken in one after the other as far as they close no circle with what stands.
     *
     * @param  list<Constraint>  $firm
     * @param  list<Constraint>  $wished
     * @return list<Constraint>
     */
    private static function thatFit(Preparation $design, array $firm, array $wished): array
    {
        $after = array_fill(0, count($design->steps), 0);
        $reached = static function (int $from, int $to) use (&$after): void {
            $new = $after[$to] | 1 << $to;
            foreach ($after as $step => $later) {
                if ($step === $from || ($later >> $from & 1) === 1) {
                    $after[$step] = $later | $new;
                }
            }
        };
        foreach ($firm as $constraint) {
            $reached($constraint->from, $constraint->to);
        }
        $fit = [];
        foreach ($wished as $constraint) {
            if (($after[$constraint->to] >> $constraint->from & 1) === 0) {
                if (($after[$constraint->from] >> $constraint->to & 1) === 0) {
                    $reached($constraint->from, $constraint->to);
                }
                $fit[] = $constraint;
            }
        }

        return $fit;
    }
}
