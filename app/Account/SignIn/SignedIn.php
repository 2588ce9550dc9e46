<?php

declare(strict_types=1);

namespace App\Account\SignIn;

use App\Models\Account\User;

/** Who is signed in, how to sign in to the demo, and whether teams are founded here. */
final readonly class SignedIn
{
    /**
     * @param  array{email: string, password: string}|null  $demo  null where no demo is set up
     * @param  bool  $isOpen  whether whoever comes may found a team
     */
    public function __construct(public ?User $user, public ?array $demo, public bool $isOpen) {}
}
