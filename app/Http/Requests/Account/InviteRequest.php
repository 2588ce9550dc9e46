<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\TeamRequest;
use App\Rules\CaseOf;
use Core\Team\Role;

/** As what somebody is to come into the team, and where to send the link. */
final class InviteRequest extends TeamRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'role' => ['required', new CaseOf(Role::class)],
            'email' => ['sometimes', 'nullable', 'string', 'email', 'max:190'],
        ];
    }

    public function role(): Role
    {
        return Role::from($this->string('role')->toString());
    }

    /** Empty where the link is to be handed over. */
    public function email(): string
    {
        return $this->string('email')->toString();
    }
}
