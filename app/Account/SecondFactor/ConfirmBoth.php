<?php

declare(strict_types=1);

namespace App\Account\SecondFactor;

use App\Account\SignIn\ConfirmPassword;
use App\Models\Account\User;
use Illuminate\Validation\ValidationException;

/** Asks for password and code again before the second factor goes or becomes another: whoever took the device has neither. */
final readonly class ConfirmBoth
{
    public function __construct(private ConfirmPassword $confirmPassword, private TakeSecondFactor $takeSecondFactor) {}

    /** @throws ValidationException when one of them is not the one */
    public function __invoke(User $user, string $password, string $code): void
    {
        ($this->confirmPassword)($user, $password);
        if ($user->second_factor !== null && ! ($this->takeSecondFactor)($user, $code)) {
            throw ValidationException::withMessages([
                'code' => 'That code is not right, or was used before. Take the next one, or a spare one.',
            ]);
        }
    }
}
