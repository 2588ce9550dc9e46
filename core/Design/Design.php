<?php

declare(strict_types=1);

namespace Core\Design;

use Core\Design\Timeline\Timeline;
use Core\Exceptions\InvalidDesign;
use Core\Units\Duration;

/** A named list of steps in the order they are painted. */
final readonly class Design
{
    /**
     * @param  list<Step>  $steps  in painting order, ids unique
     * @param  Duration|null  $promise  what the menu says it takes; null when nothing is promised
     *
     * @throws InvalidDesign when nameless, too long or with a repeated step id
     */
    public function __construct(
        public string $name,
        public Placement $placement,
        public ?Duration $promise,
        public array $steps,
    ) {
        if (trim($name) === '') {
            throw InvalidDesign::withoutName();
        }
        if (count($steps) > Defaults::MOST_STEPS) {
            throw InvalidDesign::tooManySteps($name, count($steps));
        }
        $this->refuseRepeatedIds();
    }

    /** The steps laid end to end in the given order, with changes of tool and drying between them. */
    public function timeline(ChangeoverMatrix $changeovers): Timeline
    {
        return Timeline::of($this->steps, $changeovers);
    }

    private function refuseRepeatedIds(): void
    {
        $seen = [];
        foreach ($this->steps as $step) {
            if (isset($seen[$step->id])) {
                throw InvalidDesign::repeatedStep($this->name, $step->id);
            }
            $seen[$step->id] = true;
        }
    }
}
