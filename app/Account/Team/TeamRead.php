<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Models\Act;
use App\Models\Invitation;
use App\Models\User;

/** A team as one of it sees it. */
final readonly class TeamRead
{
    /**
     * @param  list<User>  $members
     * @param  list<string>  $linked  those of them who have a calendar link; none for whoever does not answer for the team
     * @param  list<Invitation>  $invitations  that nobody has taken yet; none for whoever does not answer for the team
     * @param  list<Act>  $acts  the newest first; none for whoever does not answer for the team
     */
    public function __construct(
        public User $reader,
        public array $members,
        public array $linked,
        public array $invitations,
        public array $acts,
    ) {}
}
