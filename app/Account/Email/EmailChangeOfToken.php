<?php

declare(strict_types=1);

namespace App\Account\Email;

use App\Models\Account\User;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Contracts\Encryption\StringEncrypter;

/**
 * Whose new e-mail address a link is for. All of it stands in the link, sealed with the installation's key; it is good for an hour, and
 * only until address or password change.
 */
final readonly class EmailChangeOfToken
{
    private const HOURS = 1;

    public function __construct(private StringEncrypter $encrypter) {}

    public function token(User $user, string $email): string
    {
        $sealed = $this->encrypter->encryptString(json_encode([
            'for' => self::class, 'team' => $user->team_id, 'user' => $user->id, 'email' => $email, 'was' => self::was($user),
            'ends' => now()->addHours(self::HOURS)->getTimestamp(),
        ], JSON_THROW_ON_ERROR));

        return rtrim(strtr($sealed, '+/', '-_'), '=');
    }

    /** @return EmailChange|null null where it was used, was never given out, or is too old */
    public function __invoke(string $token): ?EmailChange
    {
        try {
            $told = json_decode($this->encrypter->decryptString(strtr($token, '-_', '+/')), true);
        } catch (DecryptException) {
            return null;
        }
        if (! is_array($told) || ($told['for'] ?? null) !== self::class || $told['ends'] <= now()->getTimestamp()) {
            return null;
        }
        ['team' => $teamId, 'user' => $userId, 'email' => $email] = $told;
        assert(is_string($teamId) && is_string($email));
        $user = User::ofTeam($teamId)->find($userId);

        return $user instanceof User && self::was($user) === $told['was'] ? new EmailChange($user, $email) : null;
    }

    private static function was(User $user): string
    {
        return hash('sha256', $user->email.$user->getAuthPassword());
    }
}
