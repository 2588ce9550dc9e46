<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\StrictRequest;

final class SignInRequest extends StrictRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'email', 'max:190'], 'password' => ['required', 'string', 'max:200']];
    }

    public function email(): string
    {
        return $this->string('email')->toString();
    }

    public function password(): string
    {
        return $this->string('password')->toString();
    }
}
