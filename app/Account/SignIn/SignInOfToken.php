<?php

declare(strict_types=1);

namespace App\Account\SignIn;

use App\Models\Account\SignIn;

/** Which sign-in a device shows that it has. */
final readonly class SignInOfToken
{
    /** A device that was not opened for longer signs in anew. */
    public const UNSEEN_DAYS = 30;

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    public function __invoke(string $userId, string $token): ?SignIn
    {
        return SignIn::query()->where('token_hash', self::hash($token))->where('user_id', $userId)
            ->where('seen_at', '>', now()->subDays(self::UNSEEN_DAYS))->first();
    }
}
