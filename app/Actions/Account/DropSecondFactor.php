<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Models\User;
use Illuminate\Validation\ValidationException;

/** Lets somebody sign in without a code again. */
final readonly class DropSecondFactor
{
    public function __construct(private ConfirmPassword $confirmPassword, private KeepAct $keepAct) {}

    /** @throws ValidationException when the password is not the one */
    public function __invoke(User $user, string $password): void
    {
        ($this->confirmPassword)($user, $password);
        $user->update(['second_factor' => null, 'spare_codes' => null]);
        ($this->keepAct)($user, 'signs in without a code again');
    }
}
