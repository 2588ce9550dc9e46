<?php

declare(strict_types=1);

namespace App\Account\SignIn;

use App\Http\Requests\TeamRequest;

/** The password once more, before what cannot be taken back. */
final class ConfirmRequest extends TeamRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['password' => ['required', 'string', 'max:200'], 'code' => ['sometimes', 'nullable', 'string', 'max:20']];
    }

    public function password(): string
    {
        return $this->string('password')->toString();
    }

    /** Of the second factor; empty where none was given. */
    public function code(): string
    {
        return $this->string('code')->toString();
    }
}
