<?php

declare(strict_types=1);

namespace App\Account\Email;

use App\Http\Requests\TeamRequest;

/** The address that somebody wants to sign in with, and what they sign in with now. */
final class EmailRequest extends TeamRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'email', 'max:190', 'unique:users'],
            'password' => ['required', 'string', 'max:200'],
            'code' => ['sometimes', 'nullable', 'string', 'max:20'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['email.unique' => 'Somebody signs in with that already. Give another e-mail address.'];
    }

    public function email(): string
    {
        return mb_strtolower($this->string('email')->toString());
    }
}
