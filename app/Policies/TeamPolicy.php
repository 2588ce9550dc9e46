<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;
use Core\Team\Role;
use Illuminate\Auth\Access\Response;

/** Who may come into a team and go, and as what. */
final readonly class TeamPolicy
{
    public function answerFor(User $user): Response
    {
        return $user->role === Role::Owner
            ? Response::allow()
            : Response::deny('That is for whoever answers for the team. Ask its owner.');
    }
}
