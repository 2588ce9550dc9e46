<?php

declare(strict_types=1);

namespace App\Account\Invitations;

use App\Models\Account\Invitation;

/** What a link invites to, before anybody is signed in. */
final readonly class InvitationOfToken
{
    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    /** @return Invitation|null null where it was used, taken back or is too old */
    public function __invoke(string $token): ?Invitation
    {
        return Invitation::query()->with('team', 'painter')->where('token_hash', self::hash($token))->where('ends_at', '>', now())->first();
    }
}
