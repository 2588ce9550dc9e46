<?php

declare(strict_types=1);

namespace App\Account\Password;

use App\Account\SignIn\ConfirmPassword;
use App\Account\Team\RecordAudit;
use App\Models\Account\User;
use Illuminate\Validation\ValidationException;

/** Gives somebody a new password. Whatever else is signed in with the old one is signed out. */
final readonly class ChangePassword
{
    public function __construct(
        private ConfirmPassword $confirmPassword,
        private GiveNewPassword $giveNewPassword,
        private RecordAudit $recordAudit,
    ) {}

    /** @throws ValidationException when the old one is not the old one */
    public function __invoke(User $user, string $current, string $password): void
    {
        ($this->confirmPassword)($user, $current, 'current');
        ($this->giveNewPassword)($user, $password);
        ($this->recordAudit)($user, 'changed the own password');
    }
}
