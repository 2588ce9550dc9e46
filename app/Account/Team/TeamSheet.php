<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Http\Resources\Resource;
use Core\Team\Role;

/**
 * A team as one of it sees it. Moments are milliseconds since 1970; e-mail addresses are null where nobody may see them.
 *
 * @phpstan-type ActShown array{id: string, who: string, what: string, at: int}
 * @phpstan-type OpenInvitation array{id: string, role: Role, name: string|null, endsAt: int}
 * @phpstan-type TeamMember array{id: string, name: string, email: string|null, role: Role, isYou: bool, hasCalendarLink: bool}
 */
final readonly class TeamSheet extends Resource
{
    /**
     * @param  int  $namesDays  that first names of children are kept after an event
     * @param  list<TeamMember>  $members
     * @param  list<OpenInvitation>  $invitations  none for whoever does not answer for the team
     * @param  list<ActShown>  $acts  the newest first; none for whoever does not answer for the team
     */
    public function __construct(
        public bool $answersForIt,
        public int $namesDays,
        public array $members,
        public array $invitations,
        public array $acts,
    ) {}
}
