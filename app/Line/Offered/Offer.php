<?php

declare(strict_types=1);

namespace App\Line\Offered;

use Core\Design\RungName;
use Core\Units\Duration;

/** On what terms a design stands on a menu. */
final readonly class Offer
{
    /** @param  RungName|null  $rung  the version that is painted; null for as typed */
    public function __construct(public Duration $promise, public ?int $priceCents, public ?RungName $rung) {}
}
