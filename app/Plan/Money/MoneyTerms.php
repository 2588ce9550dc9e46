<?php

declare(strict_types=1);

namespace App\Plan\Money;

use Core\Plan\Money\Costs;
use Core\Plan\Money\Rates;

/** What a team wants for its work, and what one event takes and offers. */
final readonly class MoneyTerms
{
    public function __construct(public Rates $rates, public Costs $costs) {}
}
