<?php

declare(strict_types=1);

namespace App\Account\Password;

use App\Account\Email\SendAccountLetter;
use App\Account\SignIn\Credentials;
use App\Account\Team\RecordAudit;
use App\Models\Account\PasswordLink;
use App\Models\Account\SignIn;
use App\Models\Account\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Passwords, and the links to a new one. */
final readonly class Passwords
{
    public const GONE = 'This link is used up, or older than an hour. Ask for a new one.';

    public function __construct(private Credentials $credentials, private RecordAudit $recordAudit) {}

    /**
     * Gives somebody a new password. Whatever else is signed in with the old one is signed out.
     *
     * @throws ValidationException when the old one is not the old one
     */
    public function change(User $user, string $current, string $password): void
    {
        $this->credentials->confirmPassword($user, $current, 'current');
        $this->give($user, $password);
        ($this->recordAudit)($user, 'changed the own password');
    }

    /** Gives whoever has the link a new password, and signs out every device. A second factor stays; a link serves once. */
    public function renew(string $token, string $password): User
    {
        return DB::transaction(function () use ($token, $password): User {
            $link = $this->linkOfToken($token);
            if ($link === null || PasswordLink::query()->whereKey($link->id)->delete() !== 1) {
                throw ValidationException::withMessages(['token' => self::GONE]);
            }
            $this->give($link->user, $password);
            ($this->recordAudit)($link->user, 'got a new password by a letter');

            return $link->user;
        });
    }

    /** From now on somebody signs in with another password: every device is signed out, links to a new one are good no longer. */
    private function give(User $user, string $password): void
    {
        $user->update(['password' => $password]);
        SignIn::query()->where('user_id', $user->id)->delete();
        PasswordLink::query()->where('user_id', $user->id)->delete();
        SendAccountLetter::dispatch($user->team_id, $user->id, 'Your password was changed.');
    }

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    /**
     * Whose new password a link is for, before anybody is signed in.
     *
     * @return PasswordLink|null null where it was used, is not the newest, or is too old
     */
    public function linkOfToken(string $token): ?PasswordLink
    {
        return PasswordLink::query()->with('user')->where('token_hash', self::hash($token))->where('ends_at', '>', now())
            ->whereHas('user')->first();
    }
}
