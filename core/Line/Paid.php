<?php

declare(strict_types=1);

namespace Core\Line;

/** What was taken for a face. */
final readonly class Paid
{
    /** @param  int  $cents  in the smallest unit of the team's currency */
    public function __construct(public int $cents, public Payment $payment) {}
}
