<?php

declare(strict_types=1);

namespace App\Plan\Party;

use App\Http\Resources\Resource;

/**
 * The children of a party in the order in which they are painted.
 *
 * @phpstan-type PartyCall array{name: string, age: int|null, isBirthday: bool, at: int}
 */
final readonly class PartyOrderSheet extends Resource
{
    /**
     * @param  list<PartyCall>  $calls
     * @param  int  $eachMs  for each child, the turnaround in it
     * @param  int  $netMs  of it for painting
     * @param  int  $eachWithMoreMs  if so many more come as were asked about
     */
    public function __construct(public array $calls, public int $eachMs, public int $netMs, public int $eachWithMoreMs) {}
}
