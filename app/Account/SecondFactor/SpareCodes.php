<?php

declare(strict_types=1);

namespace App\Account\SecondFactor;

use App\Http\Resources\Resource;

/** Codes for the day on which the authenticator is lost; they are told this once. */
final readonly class SpareCodes extends Resource
{
    /** @param  list<string>  $codes */
    public function __construct(public array $codes) {}
}
