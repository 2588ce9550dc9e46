<?php

declare(strict_types=1);

namespace App\Account\SignIn;

use App\Account\SecondFactor\TakeSecondFactor;
use App\Models\Account\User;
use Illuminate\Contracts\Cache\Factory as Caches;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Validation\ValidationException;

/**
 * Whether a name and a password go together, and the code of a second factor with them. A name that nobody has costs the same work
 * as a known one, so that none is told.
 */
final readonly class CheckSignIn
{
    public function __construct(
        private AccountOfAddress $accountOfAddress,
        private TakeSecondFactor $takeSecondFactor,
        private Hasher $hasher,
        private Caches $caches,
    ) {}

    /**
     * @return User|null null where they do not go together
     *
     * @throws ValidationException when they do, and a code is wanted that was not given or is not the one
     */
    public function __invoke(string $email, string $password, string $code = ''): ?User
    {
        $user = ($this->accountOfAddress)($email);
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
}
