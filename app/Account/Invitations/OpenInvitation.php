<?php

declare(strict_types=1);

namespace App\Account\Invitations;

use App\Http\Resources\Resource;
use Core\Team\Role;

/** A link that nobody has taken yet. */
final readonly class OpenInvitation extends Resource
{
    /**
     * @param  string|null  $name  of whom it lets sign in; null for somebody new
     * @param  int  $endsAt  milliseconds
     */
    public function __construct(public string $id, public Role $role, public ?string $name, public int $endsAt) {}
}
