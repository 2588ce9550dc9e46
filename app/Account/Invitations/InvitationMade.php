<?php

declare(strict_types=1);

namespace App\Account\Invitations;

use App\Http\Resources\Resource;

/** A link for one person; it is told this once. */
final readonly class InvitationMade extends Resource
{
    /** @param  string  $sentTo  e-mail address; empty where it is to be handed over */
    public function __construct(public string $address, public string $sentTo) {}
}
