<?php

declare(strict_types=1);

namespace App\Account\Password;

use App\Http\Requests\StrictRequest;
use App\Rules\NewPassword;

/** The password that somebody chooses who forgot the old one. */
final class NewPasswordRequest extends StrictRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['password' => ['required', 'string', new NewPassword]];
    }

    public function password(): string
    {
        return $this->string('password')->toString();
    }
}
