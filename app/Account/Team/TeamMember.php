<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Http\Resources\Resource;
use Core\Team\Role;

final readonly class TeamMember extends Resource
{
    /**
     * @param  string|null  $email  null for one who cannot sign in yet, and to helpers
     * @param  bool  $hasCalendarLink  which who answers for the team can end
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?string $email,
        public Role $role,
        public bool $isYou,
        public bool $hasCalendarLink,
    ) {}
}
