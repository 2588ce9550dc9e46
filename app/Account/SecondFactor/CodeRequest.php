<?php

declare(strict_types=1);

namespace App\Account\SecondFactor;

use App\Http\Requests\TeamRequest;

/** A code that an authenticator shows. */
final class CodeRequest extends TeamRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'code' => ['required', 'string', 'max:20'],
            'password' => ['sometimes', 'nullable', 'string', 'max:200'],
            'oldCode' => ['sometimes', 'nullable', 'string', 'max:20'],
        ];
    }

    public function code(): string
    {
        return $this->string('code')->toString();
    }
}
