<?php

declare(strict_types=1);

namespace App\Account\Team;

/** A new team, and who answers for it. */
final class FoundRequest extends NewcomerRequest
{
    public function authorize(): bool
    {
        return config('app.open') === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['team' => ['required', 'string', 'max:80'], ...parent::rules()];
    }

    public function team(): string
    {
        return $this->string('team')->toString();
    }
}
