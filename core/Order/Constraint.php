<?php

declare(strict_types=1);

namespace Core\Order;

use Closure;

/** One step must come before another, and the wait between them must be in bounds. */
final readonly class Constraint
{
    /**
     * @param  string  $rule  id of the rule or "pin"
     * @param  int  $from  place of the earlier step in the design
     * @param  int  $to  place of the later step
     * @param  string  $why  a whole sentence, with this design's own names
     * @param  int  $least  milliseconds from the end of the one to the start of the other
     * @param  int|null  $most  milliseconds
     */
    public function __construct(
        public string $rule,
        public Severity $severity,
        public int $from,
        public int $to,
        public string $why,
        public int $least = 0,
        public ?int $most = null,
    ) {}

    /** @param  string  $why  see above */
    public static function of(Rule $rule, int $from, int $to, string $why, int $least = 0, ?int $most = null): self
    {
        return new self($rule->id(), $rule->severity(), $from, $to, $why, $least, $most);
    }

    /**
     * One for each two steps that touch each other and that the rule is about.
     *
     * @param  Closure(int, int): bool  $isMeant  by the step that must come first and the other
     * @param  Closure(int, int): string  $why
     * @param  Closure(int, int): int|null  $least  milliseconds
     * @return list<self>
     */
    public static function betweenTouching(Rule $rule, Preparation $design, Closure $isMeant, Closure $why, ?Closure $least = null): array
    {
        $constraints = [];
        foreach ($design->touching() as [$one, $other]) {
            if ($isMeant($one, $other)) {
                $constraints[] = self::of($rule, $one, $other, $why($one, $other), $least === null ? 0 : $least($one, $other));
            }
        }

        return $constraints;
    }
}
