<?php

declare(strict_types=1);

namespace Core\Ladder;

use Core\Design\Design;
use Core\Design\Pin;
use Core\Design\PinKind;
use Core\Design\RungChoice;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Exceptions\TooManyChoices;

/** All that may be left out of a design or painted in a quicker way. Waits that were typed as steps are no part of it. */
final readonly class Choices
{
    /** The design without its waits. */
    public Design $design;

    /** @var list<non-empty-list<Option>> by place of the step, as typed first */
    public array $options;

    /** @var list<array{int, int}> places: the one is only painted where the other is */
    private array $needs;

    /**
     * @param  list<string>  $done  ids of steps that are painted already, about which there is no choice any more
     *
     * @throws TooManyChoices when there are more than can be weighed
     */
    public function __construct(Design $design, array $done = [])
    {
        $steps = array_values(array_filter($design->steps, static fn (Step $step): bool => $step->technique !== Technique::Wait));
        $this->design = $design->withSteps($steps);
        $this->options = array_map(
            static fn (Step $step): array => in_array($step->id, $done, true) ? [Option::asTyped($step)] : Option::of($step),
            $steps,
        );
        if ($this->count() > Defaults::MOST_CHOICES) {
            throw TooManyChoices::in($design->name, $this->count(), Defaults::MOST_CHOICES);
        }
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
     * Whether every step that is kept has what it needs.
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

    /** Everything as typed. */
    public function whole(): Version
    {
        return $this->version(array_fill(0, count($this->options), 0));
    }
}
