<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\StrictRequest;
use Core\Team\Defaults;

/** Who comes into a team by a link. */
final class JoinRequest extends StrictRequest
{
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
    public function messages(): array
    {
        return [
            'email.unique' => 'Somebody signs in with that already. Give another e-mail address.',
            'password.min' => 'Take :min letters at least: three words that you remember will do.',
        ];
    }
}
