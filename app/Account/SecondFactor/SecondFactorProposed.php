<?php

declare(strict_types=1);

namespace App\Account\SecondFactor;

use App\Http\Resources\Resource;

/** A secret for an authenticator; it guards nothing until its first code was given. */
final readonly class SecondFactorProposed extends Resource
{
    /**
     * @param  string  $secret  base32, to be typed
     * @param  string  $address  to be shown as a code
     */
    public function __construct(public string $secret, public string $address) {}
}
