<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Models\User;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** Gives somebody a new password. Whatever else is signed in with the old one is signed out. */
final readonly class ChangePassword
{
    public function __construct(private Hasher $hasher, private KeepAct $keepAct) {}

    /** @throws ValidationException when the old one is not the old one */
    public function __invoke(User $user, string $current, string $password): void
    {
        if (! $this->hasher->check($current, $user->getAuthPassword())) {
            throw ValidationException::withMessages(['current' => 'That is not the password you sign in with now.']);
        }
        $user->update(['password' => $password, 'remember_token' => Str::random(60)]);
        ($this->keepAct)($user, 'changed the own password');
    }
}
