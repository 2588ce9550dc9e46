<?php

declare(strict_types=1);

namespace Core\Ladder;

use Core\Design\Design;
use Core\Design\Pin;
use Core\Design\PinKind;
use Core\Design\Place\Side;
use Core\Design\RungChoice;
use Core\Design\Step;
use Core\Order\ServingSteps;
use Core\Order\TypedWait;

/** All that may be left out of a design or painted in a quicker way. Waits that were typed as steps are no part of it. */
final readonly class Choices
{
    /** The design without its waits. */
    public Design $design;

    /** @var list<non-empty-list<Option>> by place of the step, as typed first */
    public array $options;

    /** @var list<array{int, int}> places: the one is only painted where the other is */
    private array $needs;

    /** @var array<int, int> the step that each small act serves, by place */
    public array $acts;

    /** @var list<TypedWait> */
    public array $waits;

    /** @var list<array<string, Option>> by place: the step on one side only, by the side, where another step may take it there */
    public array $oneSided;

    /**
     * @param  list<string>  $done  ids of steps that are painted already, about which there is no choice any more
     * @param  int  $most  choices that can be weighed
     *
     * @throws TooManyChoices when there are more than can be weighed
     */
    public function __construct(
        Design $design,
        array $done = [],
        private LookShares $shares = new LookShares,
        int $most = Defaults::MOST_CHOICES,
    ) {
        $this->design = TypedWait::leftOut($design);
        $this->waits = TypedWait::in($design);
        $steps = $this->design->steps;
        $this->acts = ServingSteps::in($steps);
        $this->options = array_map(
            static fn (Step $step): array => in_array($step->id, $done, true) ? [Option::asTyped($step)] : Option::of($step, $shares),
            $steps,
        );
        if ($this->count() > $most) {
            throw TooManyChoices::in($design->name, $this->count(), $most);
        }
        $this->oneSided = array_map(
            fn (int $at): array => in_array($steps[$at]->id, $done, true) ? [] : $this->followers($at),
            array_keys($steps),
        );
        $places = array_flip(array_column($steps, 'id'));
        $pins = array_values(array_filter($this->design->pins, static fn (Pin $pin): bool => $pin->kind === PinKind::Needs));
        $this->needs = array_map(static fn (Pin $pin): array => [$places[$pin->steps[0]], $places[$pin->steps[1]]], $pins);
    }

    /** Options besides painting as typed. */
    public function count(): int
    {
        return array_sum(array_map(static fn (array $options): int => count($options) - 1, $this->options));
    }

    /**
     * Whether every step that is kept has what it needs, and steps of one motif are on one side.
     *
     * @param  list<int>  $picks  option by place
     */
    public function stands(array $picks): bool
    {
        foreach ($this->needs as [$one, $needed]) {
            if ($this->options[$one][$picks[$one]]->step !== null && $this->options[$needed][$picks[$needed]]->step === null) {
                return false;
            }
        }
        foreach ($picks as $place => $pick) {
            $side = $this->sideTaken($place, $picks);
            if ($side !== null && $this->leads($place, $pick) && $this->options[$place][$pick]->step?->side !== $side) {
                return false;
            }
        }

        return true;
    }

    /**
     * Only what may be left out is, and only ways that there are.
     *
     * @return list<int> option by place
     */
    public function picks(RungChoice $choice): array
    {
        return array_map(function (Step $step, array $options) use ($choice): int {
            $last = count($options) - 1;
            $way = ($choice->otherWays[$step->id] ?? -1) + 1;

            return match (true) {
                in_array($step->id, $choice->leftOut, true) && $options[$last]->step === null => $last,
                $way > 0 && ($options[$way]->step ?? null) !== null => $way,
                default => 0,
            };
        }, $this->design->steps, $this->options);
    }

    /** @param  list<int>  $picks  option by place */
    public function version(array $picks): Version
    {
        return new Version($this, $picks);
    }

    /**
     * Which option a step has in a version: another step that is painted on one side only takes it there, and an act goes with
     * the step that it serves.
     *
     * @param  list<int>  $picks  option by place
     * @return list<Option>
     */
    public function taken(array $picks): array
    {
        $taken = array_map(static fn (array $options, int $pick): Option => $options[$pick], $this->options, $picks);
        foreach ($taken as $place => $option) {
            $side = $this->sideTaken($place, $picks);
            if ($side !== null && $option->step?->side === Side::Both) {
                $taken[$place] = $this->oneSided[$place][$side->value];
            }
        }
        foreach ($this->acts as $act => $served) {
            $taken[$act] = $taken[$served]->step === null ? Option::leftOutToo() : $taken[$act];
        }

        return array_values($taken);
    }

    /** @param  list<int>  $picks */
    private function sideTaken(int $place, array $picks): ?Side
    {
        foreach ($this->oneSided[$place] === [] ? [] : $picks as $leader => $pick) {
            $side = $this->options[$leader][$pick]->step?->side;
            if ($side !== null && isset($this->oneSided[$place][$side->value]) && $this->leads($leader, $pick)
                && $this->belong($leader, $place)) {
                return $side;
            }
        }

        return null;
    }

    /** Whether an option takes a step of both sides to one of them. */
    private function leads(int $place, int $pick): bool
    {
        return $this->design->steps[$place]->side === Side::Both && $this->options[$place][$pick]->step?->side->isOneSided() === true;
    }

    /**
     * Whether two steps are of one motif: of one group, or, where neither is of any, on the same skin. A base that reaches further
     * than the motif stays whole.
     */
    private function belong(int $one, int $other): bool
    {
        [$leader, $step] = [$this->design->steps[$one], $this->design->steps[$other]];
        if ($one === $other || $leader->group !== $step->group) {
            return false;
        }

        return $leader->group !== '' || ($leader->touches($step) && array_diff(
            array_column($step->zones, 'value'),
            array_column($leader->zones, 'value'),
        ) === []);
    }

    /** @return array<string, Option> by side */
    private function followers(int $place): array
    {
        $step = $this->design->steps[$place];
        $sides = [];
        foreach ($step->side === Side::Both ? $this->options : [] as $leader => $options) {
            foreach (array_keys($options) as $pick) {
                $side = $options[$pick]->step?->side;
                if ($side !== null && $this->leads($leader, $pick) && $this->belong($leader, $place)) {
                    $sides[$side->value] = Option::onOneSide($step, $side, $this->shares) ?? Option::asTyped($step);
                }
            }
        }

        return $sides;
    }

    /** Everything as typed. */
    public function whole(): Version
    {
        return $this->version(array_fill(0, count($this->options), 0));
    }
}
