<?php

declare(strict_types=1);

namespace App\Http\Resources\Account;

use App\Http\Resources\Resource;
use Core\Team\Role;

/** Who is signed in, if anyone. */
final readonly class SessionState extends Resource
{
    public function __construct(
        public ?string $userName,
        public ?string $teamId,
        public ?string $teamName,
        public ?Role $role,
        public ?DemoSignIn $demo,
    ) {}
}
