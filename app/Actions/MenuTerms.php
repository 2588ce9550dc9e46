<?php

declare(strict_types=1);

namespace App\Actions;

use Core\Units\Duration;

/** A design offered on a day: what is promised, and the price if there is one. */
final readonly class MenuTerms
{
    public function __construct(public string $designId, public Duration $promise, public ?int $priceCents) {}
}
