<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Models\Account\Team;
use App\Models\Account\User;
use Core\Team\Role;
use Illuminate\Support\Facades\DB;

/** Makes a team, and whoever asks its owner. Two teams may be called the same. */
final readonly class FoundTeam
{
    public function __construct(private RecordAudit $recordAudit) {}

    public function __invoke(string $team, string $name, string $email, string $password): User
    {
        return DB::transaction(function () use ($team, $name, $email, $password): User {
            $id = Team::query()->create(['name' => $team])->id;
            $owner = User::ofTeam($id)->create([
                'team_id' => $id, 'role' => Role::Owner, 'name' => $name, 'email' => mb_strtolower($email), 'password' => $password,
            ]);
            ($this->recordAudit)($owner, 'founded the team');

            return $owner->refresh();
        });
    }
}
