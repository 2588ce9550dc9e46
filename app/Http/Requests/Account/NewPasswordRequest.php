<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\StrictRequest;
use Core\Team\Defaults;

/** The password that somebody chooses who forgot the old one. */
final class NewPasswordRequest extends StrictRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['password' => ['required', 'string', 'min:'.Defaults::LEAST_PASSWORD, 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['password.min' => NewcomerRequest::TOO_SHORT];
    }

    public function password(): string
    {
        return $this->string('password')->toString();
    }
}
