<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\TeamRequest;
use App\Rules\CaseOf;
use Core\Team\Role;

/** As what somebody is, or is to be, in the team. */
final class InviteRequest extends TeamRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['role' => ['required', new CaseOf(Role::class)]];
    }

    public function role(): Role
    {
        return Role::from($this->string('role')->toString());
    }
}
