<?php

declare(strict_types=1);

namespace App\Account\SignIn;

use App\Http\Resources\Resource;

/** The sign-in of the demo team, told only where the demo is on. */
final readonly class DemoSignIn extends Resource
{
    public function __construct(public string $email, public string $password) {}
}
