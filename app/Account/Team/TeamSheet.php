<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Account\Invitations\OpenInvitation;
use App\Http\Resources\Resource;

/** A team as one of it sees it. */
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
