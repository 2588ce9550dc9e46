<?php

declare(strict_types=1);

namespace App\Plan\Party;

use App\Http\Resources\Resource;

/** A child of a party, and when it is painted. */
final readonly class PartyCall extends Resource
{
    public function __construct(public string $name, public ?int $age, public bool $isBirthday, public int $at) {}
}
