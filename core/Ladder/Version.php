<?php

declare(strict_types=1);

namespace Core\Ladder;

use Core\Design\Design;
use Core\Design\RungChoice;
use Core\Design\RungName;
use Core\Design\Step;
use Core\Order\TypedWait;

/** A design with some of its steps left out or painted another way. */
final readonly class Version
{
    /** Tenths of a look value. */
    public int $look;

    /** @var list<Option> as each step is painted, by place */
    public array $options;

    /** @param  list<int>  $picks  option by place of the step, see Choices */
    public function __construct(private Choices $choices, public array $picks)
    {
        $this->options = $choices->taken($picks);
        $this->look = array_sum(array_map(static fn (Option $option): int => $option->look, $this->options));
    }

    /** The steps that are painted, as they are painted, in their typed order. */
    public function design(): Design
    {
        $steps = array_map(static fn (Option $option): ?Step => $option->step, $this->options);

        return $this->choices->design->withSteps(array_values(array_filter($steps)));
    }

    /** @return list<TypedWait> those between steps that are painted */
    public function waits(): array
    {
        $isKept = array_map(static fn (Option $option): int => $option->step === null ? 0 : 1, $this->options);

        return array_map(
            static fn (TypedWait $wait): TypedWait => $wait->after(array_sum(array_slice($isKept, 0, $wait->before))),
            $this->choices->waits,
        );
    }

    /**
     * What is done differently from the design as typed.
     *
     * @return list<string>
     */
    public function changes(): array
    {
        return array_values(array_diff(array_column($this->options, 'words'), ['']));
    }

    /** @return list<string> ids of steps that are left out */
    public function leftOut(): array
    {
        $ids = array_column($this->choices->design->steps, 'id');

        return array_values(array_filter(
            $ids,
            fn (string $id, int $at): bool => $this->options[$at]->step === null,
            ARRAY_FILTER_USE_BOTH,
        ));
    }

    /** What it takes to find it again when the design has changed. */
    public function choice(RungName $name): RungChoice
    {
        $ways = [];
        foreach ($this->choices->design->steps as $at => $step) {
            if ($this->picks[$at] > 0 && $this->choices->options[$at][$this->picks[$at]]->step !== null) {
                $ways[$step->id] = $this->picks[$at] - 1;
            }
        }

        return new RungChoice($name, null, $this->leftOut(), $ways);
    }

    /** Of the look that the whole design has; 1 where it has none to lose. */
    public function share(): float
    {
        $whole = array_sum(array_map(static fn (array $options): int => $options[0]->look, $this->choices->options));

        return $whole === 0 ? 1.0 : $this->look / $whole;
    }
}
