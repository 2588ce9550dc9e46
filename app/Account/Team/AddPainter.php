<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Models\Account\Team;
use App\Models\Account\User;
use Core\Team\Role;
use Illuminate\Support\Facades\DB;

/** Takes somebody into a team, which is made where there is none of that name: then it is the one's own. */
final readonly class AddPainter
{
    public function __invoke(string $team, string $name, string $email, string $password, Role $role = Role::Artist): User
    {
        return DB::transaction(static fn (): User => User::query()->create([
            'team_id' => ($joined = Team::query()->firstOrCreate(['name' => $team]))->id,
            'role' => $joined->wasRecentlyCreated ? Role::Owner : $role,
            'name' => $name,
            'email' => mb_strtolower($email),
            'password' => $password,
        ]));
    }
}
