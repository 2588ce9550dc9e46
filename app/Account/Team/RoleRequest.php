<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Http\Requests\TeamRequest;
use App\Rules\CaseOf;
use Core\Team\Role;

/** What somebody is to be in the team from now on. */
final class RoleRequest extends TeamRequest
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
