<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Account\Invitations\OpenInvitation;
use App\Http\Resources\Resource;
use Core\Team\Role;

/** A team as one of it sees it. */
final readonly class TeamSheet extends Resource
{
    /**
     * @param  int  $namesDays  that first names of children are kept after an event
     * @param  list<TeamMember>  $members
     * @param  list<OpenInvitation>  $invitations
     * @param  list<ActShown>  $acts  the newest first
     */
    public function __construct(
        public bool $answersForIt,
        public int $namesDays,
        public array $members,
        public array $invitations,
        public array $acts,
    ) {}

    public static function of(TeamRead $read): self
    {
        return new self(
            answersForIt: $read->reader->role === Role::Owner,
            namesDays: $read->reader->team->names_days,
            members: array_map(
                static fn ($member): TeamMember => new TeamMember(
                    id: $member->id,
                    name: $member->name,
                    email: $read->reader->role->paints() && $member->signsIn() ? $member->email : null,
                    role: $member->role,
                    isYou: $member->id === $read->reader->id,
                    hasCalendarLink: in_array($member->id, $read->linked, true),
                ),
                $read->members,
            ),
            invitations: array_map(
                static fn ($one): OpenInvitation => new OpenInvitation(
                    id: $one->id,
                    role: $one->role,
                    name: $one->painter?->name,
                    endsAt: $one->ends_at->getTimestampMs(),
                ),
                $read->invitations,
            ),
            acts: array_map(
                static fn ($act): ActShown => new ActShown($act->id, $act->who, $act->what, $act->at->getTimestampMs()),
                $read->acts,
            ),
        );
    }
}
