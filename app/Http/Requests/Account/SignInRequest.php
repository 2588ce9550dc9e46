<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use Illuminate\Foundation\Http\FormRequest;

final class SignInRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'email', 'max:190'], 'password' => ['required', 'string', 'max:200']];
    }

    /** @return array{email: string, password: string} */
    public function credentials(): array
    {
        return ['email' => $this->string('email')->toString(), 'password' => $this->string('password')->toString()];
    }
}
