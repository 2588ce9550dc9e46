<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Models\Account\Act;
use App\Models\Account\CalendarFeed;
use App\Models\Account\Invitation;
use App\Models\Account\User;
use Core\Team\Role;

/**
 * Who is in a team, who may come, and what was done to what matters.
 *
 * @phpstan-import-type ActShown from TeamSheet
 * @phpstan-import-type OpenInvitation from TeamSheet
 * @phpstan-import-type TeamMember from TeamSheet
 */
final readonly class TeamOnTable
{
    private const ACTS = 60;

    public function __invoke(User $reader): TeamSheet
    {
        $answers = $reader->role === Role::Owner;

        return new TeamSheet(
            answersForIt: $answers,
            namesDays: $reader->team->names_days,
            members: self::members($reader, $answers ? self::linked($reader->team_id) : []),
            invitations: $answers ? self::invitations($reader->team_id) : [],
            acts: $answers ? self::acts($reader->team_id) : [],
        );
    }

    /**
     * @param  list<string>  $linked  those who have a calendar link
     * @return list<TeamMember>
     */
    private static function members(User $reader, array $linked): array
    {
        $members = User::ofTeam($reader->team_id)->orderBy('created_at')->orderBy('id')->get()->all();

        return array_values(array_map(static fn (User $member): array => [
            'id' => $member->id,
            'name' => $member->name,
            'email' => $reader->role->paints() && $member->signsIn() ? $member->email : null,
            'role' => $member->role,
            'isYou' => $member->is($reader),
            'hasCalendarLink' => in_array($member->id, $linked, true),
        ], $members));
    }

    /** @return list<string> */
    private static function linked(string $teamId): array
    {
        /** @var list<string> $ids */
        $ids = CalendarFeed::query()->whereIn('user_id', User::ofTeam($teamId)->select('id'))->pluck('user_id')->all();

        return $ids;
    }

    /** @return list<OpenInvitation> that nobody has taken yet */
    private static function invitations(string $teamId): array
    {
        $open = Invitation::ofTeam($teamId)->with('painter')->where('ends_at', '>', now())->orderBy('id')->get()->all();

        return array_values(array_map(static fn (Invitation $one): array => [
            'id' => $one->id,
            'role' => $one->role,
            'name' => $one->painter?->name,
            'endsAt' => $one->ends_at->getTimestampMs(),
        ], $open));
    }

    /** @return list<ActShown> the newest first */
    private static function acts(string $teamId): array
    {
        $acts = Act::ofTeam($teamId)->orderByDesc('id')->limit(self::ACTS)->get()->all();
        $shown = static fn (Act $act): array => [
            'id' => $act->id, 'who' => $act->who, 'what' => $act->what, 'at' => $act->at->getTimestampMs(),
        ];

        return array_values(array_map($shown, $acts));
    }
}
