<?php

declare(strict_types=1);

namespace App\Account\SignIn;

use App\Http\Requests\StrictRequest;

final class SignInRequest extends StrictRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'email', 'max:190'],
            'password' => ['required', 'string', 'max:200'],
            'code' => ['sometimes', 'nullable', 'string', 'max:20'],
        ];
    }

    public function email(): string
    {
        return $this->string('email')->toString();
    }

    /** Of the second factor; empty where none was given. */
    public function code(): string
    {
        return $this->string('code')->toString();
    }

    public function password(): string
    {
        return $this->string('password')->toString();
    }
}
