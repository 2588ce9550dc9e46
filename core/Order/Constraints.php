<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Design\Pin;
use Core\Design\PinKind;
use Core\Order\Craft\Catalogue;
use Core\Order\Craft\OrdersSteps;
use Core\Order\Craft\Severity;
use Core\Order\Internal\Precedence;
use Core\Order\Search\Lag;

/** All that bears on the order of a design: the painter's pins and waits, the craft's rules, the picture, and wishes. */
final readonly class Constraints
{
    public const PIN = 'pin';

    public const PICTURE = 'picture';

    public const TYPED_DRYING = 'typed-drying';

    public const TYPED_WAIT = 'typed-wait';

    public const ACT = 'act';

    /** @var list<Constraint> */
    public array $all;

    /**
     * @param  list<Constraint>  $firm  what the painter said: no order breaks it
     * @param  list<Constraint>  $craft  what the rules of the craft warn of: each has its price
     * @param  list<Constraint>  $wished  what would be nice, and what makes the picture
     * @param  list<list<int>>  $together  groups of places that nothing may come between
     */
    private function __construct(public array $firm, public array $craft, public array $wished, public array $together)
    {
        $this->all = [...$firm, ...$craft, ...$wished];
    }

    public static function of(DesignFacts $design): self
    {
        $asked = Catalogue::asked($design->design, $design->circumstances->schools);
        $craft = $wished = [];
        foreach ($asked as $rule) {
            $ordered = $rule instanceof OrdersSteps ? $rule->constraints($design) : [];
            $rule->info()->severity === Severity::Tip ? $wished[] = $ordered : $craft[] = $ordered;
        }
        $acts = ServingSteps::in($design->steps);
        $craft = self::unpinned($design, array_merge(...$craft));

        $firm = [...self::pinned($design), ...self::typedDrying($design), ...self::typedWaits($design), ...self::acts($design, $acts)];

        return new self(
            $firm,
            $craft,
            self::fitting($design, [...$firm, ...$craft], [...self::picture($design, $craft), ...array_merge(...$wished)]),
            self::groups($design, $acts),
        );
    }

    /**
     * Wishes that close no circle with what stands.
     *
     * @param  list<Constraint>  $standing
     * @param  list<Constraint>  $wished
     * @return list<Constraint>
     */
    private static function fitting(DesignFacts $design, array $standing, array $wished): array
    {
        $precedence = new Precedence(count($design->steps));
        foreach ($standing as $constraint) {
            $precedence->take($constraint->from, $constraint->to);
        }

        return $precedence->takeFitting($wished);
    }

    /** @param  list<Constraint|list<int>>  $clash  of the firm ones and the groups */
    public function without(array $clash): self
    {
        $isOut = static fn (Constraint|array $one): bool => in_array($one, $clash, true);

        return new self(
            array_values(array_filter($this->firm, static fn (Constraint $one): bool => ! $isOut($one))),
            $this->craft,
            $this->wished,
            array_values(array_filter($this->together, static fn (array $one): bool => ! $isOut($one))),
        );
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
            $lags[$key] = new Lag(
                $constraint->from,
                $constraint->to,
                max($known->least, $constraint->least),
                $most === PHP_INT_MAX ? null : $most,
            );
        }

        return array_values($lags);
    }

    /** @return list<Constraint> */
    private static function pinned(DesignFacts $design): array
    {
        $constraints = [];
        foreach ($design->design->pins as $pin) {
            $places = self::places($design, $pin);
            $constraints = [...$constraints, ...match ($pin->kind) {
                PinKind::Before => [self::pin(
                    $places[0],
                    $places[1],
                    "You pinned “{$design->name($places[0])}” before “{$design->name($places[1])}”.",
                )],
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
        return new Constraint(rule: self::PIN, severity: Severity::Warn, from: $from, to: $to, why: $why);
    }

    /** Wanted pick-up: the later step takes up some of the earlier one's paint. */
    private static function whileWet(DesignFacts $design, int $from, int $to): Constraint
    {
        $wet = $design->dryAfter($from);
        $why = "You pinned “{$design->name($to)}” while “{$design->name($from)}” is wet, which it is for {$wet->format()}.";

        return new Constraint(
            rule: self::PIN,
            severity: Severity::Warn,
            from: $from,
            to: $to,
            why: $why,
            least: 0,
            most: $wet->milliseconds,
        );
    }

    /**
     * Who pins a step while another one is wet wants what the rules warn of.
     *
     * @param  list<Constraint>  $craft
     * @return list<Constraint>
     */
    private static function unpinned(DesignFacts $design, array $craft): array
    {
        $wet = [];
        foreach ($design->design->pins as $pin) {
            if ($pin->kind === PinKind::WhileWet) {
                $wet[implode(' ', self::places($design, $pin))] = true;
            }
        }

        return array_values(array_filter($craft, static fn (Constraint $one): bool => ! isset($wet["{$one->from} {$one->to}"])));
    }

    /** @return list<Constraint> */
    private static function first(DesignFacts $design, int $first): array
    {
        $others = array_values(array_diff(array_keys($design->steps), [$first]));

        return array_map(
            static fn (int $other): Constraint => self::pin($first, $other, "You pinned “{$design->name($first)}” first."),
            $others,
        );
    }

    /** @return list<Constraint> */
    private static function last(DesignFacts $design, int $last): array
    {
        $others = array_values(array_diff(array_keys($design->steps), [$last]));

        return array_map(
            static fn (int $other): Constraint => self::pin($other, $last, "You pinned “{$design->name($last)}” last."),
            $others,
        );
    }

    /**
     * @param  array<int, int>  $acts  the step served by each
     * @return list<list<int>> groups that share a step are one group
     */
    private static function groups(DesignFacts $design, array $acts): array
    {
        $pinned = array_filter($design->design->pins, static fn (Pin $pin): bool => $pin->kind === PinKind::Together);
        $groups = [];
        foreach ([...array_map(static fn (Pin $pin): array => self::places($design, $pin), $pinned), ...self::withActs($acts)] as $group) {
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

    /**
     * @param  array<int, int>  $acts
     * @return list<list<int>>
     */
    private static function withActs(array $acts): array
    {
        return array_map(static fn (int $act, int $served): array => [$act, $served], array_keys($acts), array_values($acts));
    }

    /** @return list<int> */
    private static function places(DesignFacts $design, Pin $pin): array
    {
        $places = array_flip(array_column($design->steps, 'id'));

        return array_map(static fn (string $id): int => $places[$id], $pin->steps);
    }

    /** @return list<Constraint> what "dry for" of a step means, as it was typed */
    private static function typedDrying(DesignFacts $design): array
    {
        $constraints = [];
        foreach ($design->steps as $at => $step) {
            for ($under = 0; $under < $at && ! $step->dryFor->isZero(); $under++) {
                if ($design->touch($under, $at)) {
                    $why = "“{$step->name}” says that the paint below must have dried for {$step->dryFor->format()}.";
                    $constraints[] = new Constraint(
                        rule: self::TYPED_DRYING,
                        severity: Severity::Warn,
                        from: $under,
                        to: $at,
                        why: $why,
                        least: $step->dryFor->milliseconds,
                    );
                }
            }
        }

        return $constraints;
    }

    /** @return list<Constraint> */
    private static function typedWaits(DesignFacts $design): array
    {
        $constraints = [];
        foreach ($design->waits as $wait) {
            if ($wait->before > 0 && $wait->before < count($design->steps)) {
                $why = "You typed a wait between “{$design->name($wait->before - 1)}” and “{$design->name($wait->before)}”.";
                $constraints[] = new Constraint(
                    rule: self::TYPED_WAIT,
                    severity: Severity::Warn,
                    from: $wait->before - 1,
                    to: $wait->before,
                    why: $why,
                    least: $wait->length,
                );
            }
        }

        return $constraints;
    }

    /**
     * @param  array<int, int>  $acts  the step served by each
     * @return list<Constraint>
     */
    private static function acts(DesignFacts $design, array $acts): array
    {
        return array_map(static fn (int $act, int $served): Constraint => new Constraint(
            rule: self::ACT, severity: Severity::Warn, from: min($act, $served), to: max($act, $served),
            why: "“{$design->name($act)}” goes with “{$design->name($served)}”.",
        ), array_keys($acts), array_values($acts));
    }

    /**
     * What lies over what makes the picture: it stays so, unless the craft says otherwise. Glitter that must be caught by a wet
     * film goes on when that film is wet, whatever was typed over it.
     *
     * @param  list<Constraint>  $craft
     * @return list<Constraint>
     */
    private static function picture(DesignFacts $design, array $craft): array
    {
        $caught = [];
        foreach ($craft as $constraint) {
            $caught[$constraint->to] = $constraint->most !== null && $design->layers[$constraint->to] === Layer::Glitter
                || ($caught[$constraint->to] ?? false);
        }
        $constraints = [];
        foreach (array_keys($design->steps) as $over) {
            for ($under = 0; $under < $over; $under++) {
                $isCaught = ($caught[$under] ?? false) || ($caught[$over] ?? false);
                if (! $isCaught && ($design->touch($under, $over) || self::comesFirst($design, $under, $over))) {
                    $why = $design->touch($under, $over)
                        ? "“{$design->name($over)}” lies over “{$design->name($under)}”."
                        : "“{$design->name($under)}” comes before the finer work.";
                    $constraints[] = new Constraint(rule: self::PICTURE, severity: Severity::Tip, from: $under, to: $over, why: $why);
                }
            }
        }

        return $constraints;
    }

    /** Base before all that is finer, and highlights after shapes, everywhere on the face (common practice, no source). */
    private static function comesFirst(DesignFacts $design, int $under, int $over): bool
    {
        $isFiner = $design->layers[$over]->isFine() || $design->layers[$over] === Layer::Shape;

        return ($isFiner && in_array(
            $design->layers[$under],
            [Layer::Powder, Layer::Base, Layer::Texture],
            true,
        ) && ! $design->isWorkedIn($under))
            || ($design->isHighlight($over) && $design->layers[$under] === Layer::Shape);
    }
}
