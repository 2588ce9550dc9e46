<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Models\User;
use App\Queries\Account\AccountOfAddress;
use Illuminate\Contracts\Cache\Factory as Caches;
use Illuminate\Contracts\Hashing\Hasher;

/** Whether a name and a password go together. A name that nobody has costs the same work as a known one, so that none is told. */
final readonly class CheckSignIn
{
    public function __construct(private AccountOfAddress $accountOfAddress, private Hasher $hasher, private Caches $caches) {}

    /** @return User|null null where they do not go together */
    public function __invoke(string $email, string $password): ?User
    {
        $user = ($this->accountOfAddress)($email);
        $hash = $user?->getAuthPassword() ?? $this->nobody();
        if (! $this->hasher->check($password, $hash) || $user === null) {
            return null;
        }
        if ($this->hasher->needsRehash($hash)) {
            $user->update(['password' => $password]);
        }

        return $user;
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
