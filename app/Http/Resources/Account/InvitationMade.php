<?php

declare(strict_types=1);

namespace App\Http\Resources\Account;

use App\Http\Resources\Resource;

/** A link to be handed to one person; it is told this once. */
final readonly class InvitationMade extends Resource
{
    public function __construct(public string $address) {}
}
