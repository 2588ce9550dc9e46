<?php

declare(strict_types=1);

namespace App\Account\Password;

use App\Http\Requests\StrictRequest;

/** Where to send a link to a new password. */
final class ForgottenRequest extends StrictRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'email', 'max:190']];
    }

    public function email(): string
    {
        return mb_strtolower($this->string('email')->toString());
    }
}
