<?php

declare(strict_types=1);

namespace App\Account\Password;

use App\Models\Account\PasswordLink;

/** Whose new password a link is for, before anybody is signed in. */
final readonly class PasswordLinkOfToken
{
    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    /** @return PasswordLink|null null where it was used, is not the newest, or is too old */
    public function __invoke(string $token): ?PasswordLink
    {
        return PasswordLink::query()->with('user')->where('token_hash', self::hash($token))->where('ends_at', '>', now())
            ->whereHas('user')->first();
    }
}
