<?php

declare(strict_types=1);

namespace Core\Order\Craft;

use Core\Order\PaintedSequence;
use Core\Units\Duration;

/** What a rule says of a design. */
final readonly class Finding
{
    /**
     * @param  string  $rule  id of the rule
     * @param  list<string>  $steps  ids of the steps it speaks of
     * @param  string  $says  in whole sentences, with this design's own numbers
     * @param  int  $cost  milliseconds that it costs on this design, by which findings are ranked
     * @param  list<Evidence>  $evidence  the numbers it rests on
     */
    public function __construct(
        public string $rule,
        public Severity $severity,
        public array $steps,
        public string $says,
        public ?Fix $fix = null,
        public int $cost = 0,
        public array $evidence = [],
    ) {}

    /** @param  list<int>  $places  of the steps it speaks of */
    public static function of(Rule $rule, PaintedSequence $course, array $places, string $says, ?Fix $fix = null): self
    {
        $ids = array_map(static fn (int $at): string => $course->step($at)->id, $places);
        // Where a rule does not say better, it costs as long as what it speaks of takes to paint again.
        $again = $places === [] ? 0 : $course->preparation->durations[$places[count($places) - 1]]->milliseconds;

        return new self(
            rule: $rule->id(),
            severity: $rule->info()->severity,
            steps: $ids,
            says: $says,
            fix: $fix,
            cost: $rule->info()->severity === Severity::Tip ? 0 : $again,
        );
    }

    /** What it costs, where that is known better. */
    public function costing(Duration $cost): self
    {
        return new self(
            rule: $this->rule,
            severity: $this->severity,
            steps: $this->steps,
            says: $this->says,
            fix: $this->fix,
            cost: $cost->milliseconds,
            evidence: $this->evidence,
        );
    }

    public function restingOn(Evidence ...$evidence): self
    {
        return new self(
            rule: $this->rule,
            severity: $this->severity,
            steps: $this->steps,
            says: $this->says,
            fix: $this->fix,
            cost: $this->cost,
            evidence: array_values($evidence),
        );
    }
}
