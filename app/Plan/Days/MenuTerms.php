<?php

declare(strict_types=1);

namespace App\Plan\Days;

use Core\Design\RungName;
use Core\Units\Duration;

/** A design offered on a day: what is promised, the price if there is one, and the rung that is painted; null for as typed. */
final readonly class MenuTerms
{
    public function __construct(
        public string $designId,
        public Duration $promise,
        public ?int $priceCents,
        public ?RungName $rung = null,
    ) {}
}
