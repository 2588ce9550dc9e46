<?php

declare(strict_types=1);

namespace Core\Order;

/** What a rule says of a design. */
final readonly class Finding
{
    /**
     * @param  string  $rule  id of the rule
     * @param  list<string>  $steps  ids of the steps it speaks of
     * @param  string  $says  in whole sentences, with this design's own numbers
     */
    public function __construct(
        public string $rule,
        public Severity $severity,
        public array $steps,
        public string $says,
        public ?Fix $fix = null,
    ) {}

    /** @param  list<int>  $places  of the steps it speaks of */
    public static function of(Rule $rule, Course $course, array $places, string $says, ?Fix $fix = null): self
    {
        $ids = array_map(static fn (int $at): string => $course->step($at)->id, $places);

        return new self($rule->id(), $rule->severity(), $ids, $says, $fix);
    }
}
