<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Models\Account\User;
use Core\Team\Role;
use Illuminate\Auth\Access\Response;

/** Who may do what in a team. The line is everybody's. */
final readonly class WhoMay
{
    /** Designs, kit, menus, events and the logbook. */
    public static function paint(User $user): Response
    {
        return $user->role->paints() ? Response::allow() : Response::deny('That is for those who paint. Ask one of them.');
    }

    /** Who comes into the team and goes, and as what; all of its data. */
    public static function answerForTeam(User $user): Response
    {
        return $user->role === Role::Owner
            ? Response::allow()
            : Response::deny('That is for whoever answers for the team. Ask its owner.');
    }
}
