<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Team;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Takes a painter into a team, which is made where there is none of that name. */
final readonly class AddPainter
{
    public function __invoke(string $team, string $name, string $email, string $password): User
    {
        return DB::transaction(static fn (): User => User::query()->create([
            'team_id' => Team::query()->firstOrCreate(['name' => $team])->id,
            'name' => $name,
            'email' => mb_strtolower($email),
            'password' => $password,
        ]));
    }
}
