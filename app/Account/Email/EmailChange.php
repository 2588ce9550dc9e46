<?php

declare(strict_types=1);

namespace App\Account\Email;

use App\Models\Account\User;

/** Somebody who has shown that they read the letters to a new address. */
final readonly class EmailChange
{
    public function __construct(public User $user, public string $email) {}
}
