<?php

declare(strict_types=1);

namespace App\Queries\Account;

use App\Models\User;

/** Who is signed in, and how to sign in to the demo. */
final readonly class SignedIn
{
    /** @param  array{email: string, password: string}|null  $demo  null where no demo is set up */
    public function __construct(public ?User $user, public ?array $demo) {}
}
