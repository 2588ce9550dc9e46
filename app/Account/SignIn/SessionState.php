<?php

declare(strict_types=1);

namespace App\Account\SignIn;

use App\Http\Resources\Resource;
use Core\Team\Role;

/**
 * Who is signed in, if anyone.
 *
 * @phpstan-type DemoSignIn array{email: string, password: string}
 */
final readonly class SessionState extends Resource
{
    /**
     * @param  int  $namesDays  that first names of children are kept after an event
     * @param  int|null  $teamEndsAt  milliseconds; null for a team that is not closed
     * @param  DemoSignIn|null  $demo
     * @param  bool  $isOpen  whether whoever comes may found a team
     */
    public function __construct(
        public ?string $userName,
        public ?string $teamId,
        public ?string $teamName,
        public ?Role $role,
        public string $currency,
        public int $namesDays,
        public ?int $teamEndsAt,
        public bool $isOpen,
        public ?array $demo,
    ) {}
}
