<?php

declare(strict_types=1);

namespace Core\Order;

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
}
