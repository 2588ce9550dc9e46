<?php

declare(strict_types=1);

namespace App\Account\SignIn;

use App\Models\Account\User;

/** Whose an e-mail address is, before anybody is signed in. */
final readonly class AccountOfAddress
{
    public function __invoke(string $email): ?User
    {
        return User::query()->where('email', mb_strtolower($email))->first();
    }
}
