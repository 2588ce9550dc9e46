<?php

declare(strict_types=1);

namespace App\Http\Resources\Account;

use App\Http\Resources\Resource;
use Core\Team\Role;

/** What a link invites to. */
final readonly class InvitationShown extends Resource
{
    public function __construct(public string $teamName, public Role $role) {}
}
