<?php

declare(strict_types=1);

namespace App\Account\SignIn;

use App\Account\SecondFactor\TakeSecondFactor;
use App\Models\Account\User;
use Illuminate\Contracts\Cache\Factory as Caches;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Contracts\Session\Session;
use Illuminate\Validation\ValidationException;

/** What shows that somebody is who they say. */
final readonly class Credentials
{
    /** When the password was typed last in this session, in Unix seconds. */
    public const AT = 'password_typed_at';

    public function __construct(
        private Accounts $accounts,
        private TakeSecondFactor $takeSecondFactor,
        private Hasher $hasher,
        private Caches $caches,
        private Session $session,
    ) {}

    /**
     * Whether a name and a password go together, and the code of a second factor with them. A name that nobody has costs the same work
     * as a known one, so that none is told.
     *
     * @return User|null null where they do not go together
     *
     * @throws ValidationException when they do, and a code is wanted that was not given or is not the one
     */
    public function check(string $email, string $password, string $code = ''): ?User
    {
        $user = $this->accounts->ofAddress($email);
        $hash = $user?->getAuthPassword() ?? $this->nobody();
        if (! $this->hasher->check($password, $hash) || $user === null) {
            return null;
        }
        if ($user->second_factor !== null && ! ($this->takeSecondFactor)($user, $code)) {
            throw ValidationException::withMessages(['code' => $code === ''
                ? 'Now the code that your authenticator shows, or a spare one.'
                : 'That code is not right, or was used before. Take the next one, or a spare one.']);
        }
        if ($this->hasher->needsRehash($hash)) {
            $user->update(['password' => $password]);
        }

        return $user->refresh();
    }

    /** The hash of a password that nobody knows, made with as much work as all others. */
    private function nobody(): string
    {
        $hash = $this->caches->store()->rememberForever('password-of-nobody', $this->newHash(...));

        return $this->hasher->needsRehash($hash) ? $this->newHash() : $hash;
    }

    private function newHash(): string
    {
        return $this->hasher->make(bin2hex(random_bytes(16)));
    }

    /**
     * Asks for the password again before what cannot be taken back: the device may lie open on a table.
     *
     * @throws ValidationException when it is not the one, of this field
     */
    public function confirmPassword(User $user, string $password, string $field = 'password'): void
    {
        if (! $this->hasher->check($password, $user->getAuthPassword())) {
            throw ValidationException::withMessages([$field => 'That is not the password you sign in with now.']);
        }
        $this->session->put(self::AT, now()->getTimestamp());
    }

    /**
     * Asks for password and code again before the second factor goes or becomes another: whoever took the device has neither.
     *
     * @throws ValidationException when one of them is not the one
     */
    public function confirmBoth(User $user, string $password, string $code): void
    {
        $this->confirmPassword($user, $password);
        if ($user->second_factor !== null && ! ($this->takeSecondFactor)($user, $code)) {
            throw ValidationException::withMessages([
                'code' => 'That code is not right, or was used before. Take the next one, or a spare one.',
            ]);
        }
    }
}
