<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\StrictRequest;
use Core\Team\Defaults;

/** Who comes anew, and what to sign in with. */
abstract class NewcomerRequest extends StrictRequest
{
    public const TOO_SHORT = 'Take :min letters at least: three words that you remember will do.';

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'string', 'email', 'max:190', 'unique:users'],
            'password' => ['required', 'string', 'min:'.Defaults::LEAST_PASSWORD, 'max:200'],
        ];
    }

    /** @return array<string, string> */
    final public function messages(): array
    {
        return [
            'email.unique' => 'Somebody signs in with that already. Give another e-mail address.',
            'password.min' => self::TOO_SHORT,
        ];
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
