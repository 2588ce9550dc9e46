<?php

declare(strict_types=1);

namespace App\Account\Email;

use App\Account\SignIn\Accounts;
use App\Account\SignIn\Credentials;
use App\Account\Team\RecordAudit;
use App\Models\Account\PasswordLink;
use App\Models\Account\User;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Contracts\Encryption\StringEncrypter;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** The e-mail address that somebody signs in with becomes another one. */
final readonly class EmailChanges
{
    public const GONE = 'This link has been used, or is over an hour old. Ask for a new one on the team page.';

    public const TAKEN = 'Somebody else signs in with that e-mail address. Choose another one.';

    private const HOURS = 1;

    public function __construct(
        private Credentials $credentials,
        private Accounts $accounts,
        private RecordAudit $recordAudit,
        private StringEncrypter $encrypter,
    ) {}

    /**
     * Sends a link to the address that somebody wants to sign in with: nothing changes before it is opened there.
     *
     * @param  string  $code  of the second factor; empty where there is none
     */
    public function ask(User $user, string $email, string $password, string $code): void
    {
        $this->credentials->confirmBoth($user, $password, $code);
        SendEmailLink::dispatch($user->team_id, $user->id, $email);
    }

    /** From now on whoever has the link signs in with the new address; the old one is told, and links sent there serve no more. */
    public function change(string $token): void
    {
        DB::transaction(function () use ($token): void {
            [$asked, $email] = $this->ofToken($token) ?? throw ValidationException::withMessages(['token' => self::GONE]);
            $user = User::ofTeam($asked->team_id)->lockForUpdate()->findOrFail($asked->id);
            if ($this->accounts->ofAddress($email) !== null) {
                throw ValidationException::withMessages(['token' => self::TAKEN]);
            }
            $old = $user->email;
            $user->update(['email' => $email]);
            PasswordLink::query()->where('user_id', $user->id)->delete();
            SendAccountLetter::dispatch($user->team_id, $user->id, "You sign in with {$email} from now on.", $old);
            ($this->recordAudit)($user, 'changed the own e-mail address');
        });
    }

    public function token(User $user, string $email): string
    {
        $sealed = $this->encrypter->encryptString(json_encode([
            'for' => self::class, 'team' => $user->team_id, 'user' => $user->id, 'email' => $email, 'was' => self::was($user),
            'ends' => now()->addHours(self::HOURS)->getTimestamp(),
        ], JSON_THROW_ON_ERROR));

        return rtrim(strtr($sealed, '+/', '-_'), '=');
    }

    /**
     * Whose new e-mail address a link is for, and which. All of it stands in the link, sealed with the installation's key; it is good
     * for an hour, and only until address or password change.
     *
     * @return array{User, string}|null null where it was used, was never given out, or is too old
     */
    private function ofToken(string $token): ?array
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

        return $user instanceof User && self::was($user) === $told['was'] ? [$user, $email] : null;
    }

    private static function was(User $user): string
    {
        return hash('sha256', $user->email.$user->getAuthPassword());
    }
}
