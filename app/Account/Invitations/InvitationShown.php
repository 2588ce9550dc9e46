<?php

declare(strict_types=1);

namespace App\Account\Invitations;

use App\Http\Resources\Resource;
use Core\Team\Role;

/** What a link invites to. */
final readonly class InvitationShown extends Resource
{
    /** @param  string|null  $name  of whom it lets sign in; null for somebody new */
    public function __construct(public string $teamName, public Role $role, public ?string $name) {}
}
