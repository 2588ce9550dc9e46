<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\TeamRequest;
use Core\Team\Defaults;

/** A new password, and the one that it takes the place of. */
final class PasswordRequest extends TeamRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'current' => ['required', 'string', 'max:200'],
            'password' => ['required', 'string', 'min:'.Defaults::LEAST_PASSWORD, 'max:200', 'different:current'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'password.min' => NewcomerRequest::TOO_SHORT,
            'password.different' => 'That is the password you have. Take another one.',
        ];
    }
}
