<?php

declare(strict_types=1);

namespace Core\Design\Wording;

/** A line of a list and what it was understood as. */
final readonly class LineReading
{
    /**
     * @param  int  $number  1 for the first one of the list, blank ones counted
     * @param  list<Part>  $parts  in the order of the line, without overlaps
     * @param  list<StepReading>  $steps  none for what is no step
     */
    public function __construct(public int $number, public string $text, public LineKind $kind, public array $parts, public array $steps) {}

    /** At most one a line. */
    public function question(): ?Question
    {
        foreach ($this->steps as $step) {
            if ($step->question !== null) {
                return $step->question;
            }
        }

        return null;
    }
}
