<?php

declare(strict_types=1);

namespace Core\Design\Wording;

use Core\Design\Step;

/** What was read, assumed and asked of one typed step. */
final readonly class StepReading
{
    private const LONGEST_NOTE = 500;

    /**
     * @param  Step  $step  named by its place, "1" being the first of those above the list, else of the list
     * @param  list<Part>  $parts  in the order of the line, from its beginning, without overlaps
     * @param  list<Assumption>  $assumed
     * @param  int  $end  of its words, in characters from the beginning of the line
     * @param  list<Step>  $speaksOf  steps above that it speaks of: the tower of its stripes
     * @param  Step|null  $mirrors  the step above that it repeats on the other side
     */
    public function __construct(
        public Step $step,
        public array $parts,
        public array $assumed,
        public ?Question $question,
        public int $end,
        public array $speaksOf,
        public ?Step $mirrors = null,
    ) {}

    /**
     * With more to know of it.
     *
     * @param  list<string>  $notes
     */
    public function noting(array $notes): self
    {
        $note = implode(', ', array_diff([...$notes, $this->step->note], ['']));

        return $notes === [] ? $this : $this->becoming($this->step->withNote(mb_substr($note, 0, self::LONGEST_NOTE)));
    }

    /**
     * As lines below tell.
     *
     * @param  list<Assumption>|null  $assumed  null for the same
     */
    public function becoming(Step $step, ?array $assumed = null): self
    {
        return new self(
            step: $step,
            parts: $this->parts,
            assumed: $assumed ?? $this->assumed,
            question: $this->question,
            end: $this->end,
            speaksOf: $this->speaksOf,
            mirrors: $this->mirrors,
        );
    }

    public function asking(Question $question): self
    {
        return new self(
            step: $this->step,
            parts: $this->parts,
            assumed: $this->assumed,
            question: $question,
            end: $this->end,
            speaksOf: $this->speaksOf,
            mirrors: $this->mirrors,
        );
    }

    public function says(PartKind $kind): bool
    {
        return in_array($kind, array_column($this->parts, 'kind'), true);
    }
}
