<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Http\Requests\StrictRequest;
use App\Rules\NewPassword;

/** Who comes anew, and what to sign in with. */
abstract class NewcomerRequest extends StrictRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'string', 'email', 'max:190', 'unique:users'],
            'password' => ['required', 'string', new NewPassword],
        ];
    }

    /** @return array<string, string> */
    final public function messages(): array
    {
        return ['email.unique' => 'Somebody signs in with that already. Give another e-mail address.'];
    }

    final public function name(): string
    {
        return $this->string('name')->toString();
    }

    final public function email(): string
    {
        return $this->string('email')->toString();
    }

    final public function password(): string
    {
        return $this->string('password')->toString();
    }
}
