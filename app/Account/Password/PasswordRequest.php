<?php

declare(strict_types=1);

namespace App\Account\Password;

use App\Http\Requests\TeamRequest;
use App\Rules\NewPassword;

/** A new password, and the one that it takes the place of. */
final class PasswordRequest extends TeamRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'current' => ['required', 'string', 'max:200'],
            'password' => ['required', 'string', 'different:current', new NewPassword],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['password.different' => 'That is the password you have. Take another one.'];
    }
}
