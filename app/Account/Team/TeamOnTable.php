<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Models\Act;
use App\Models\CalendarFeed;
use App\Models\Invitation;
use App\Models\User;
use Core\Team\Role;

/** Who is in a team, who may come, and what was done to what matters. */
final readonly class TeamOnTable
{
    private const ACTS = 60;

    public function __invoke(User $reader): TeamRead
    {
        $answers = $reader->role === Role::Owner;

        return new TeamRead(
            reader: $reader,
            members: array_values(User::ofTeam($reader->team_id)->orderBy('created_at')->orderBy('id')->get()->all()),
            linked: $answers ? self::linked($reader->team_id) : [],
            invitations: $answers ? self::invitations($reader->team_id) : [],
            acts: $answers ? array_values(Act::ofTeam($reader->team_id)->orderByDesc('id')->limit(self::ACTS)->get()->all()) : [],
        );
    }

    /** @return list<string> */
    private static function linked(string $teamId): array
    {
        /** @var list<string> $ids */
        $ids = CalendarFeed::query()->whereIn('user_id', User::ofTeam($teamId)->select('id'))->pluck('user_id')->all();

        return $ids;
    }

    /** @return list<Invitation> */
    private static function invitations(string $teamId): array
    {
        $open = Invitation::ofTeam($teamId)->with('painter')->where('ends_at', '>', now());

        return array_values($open->orderBy('id')->get()->all());
    }
}
