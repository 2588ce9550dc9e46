<?php

declare(strict_types=1);

namespace App\Providers;

use App\Account\SignIn\Devices;
use App\Models\Account\SignIn;
use App\Models\Account\User;
use Illuminate\Auth\EloquentUserProvider;
use Illuminate\Contracts\Auth\Authenticatable;

/** Knows again a device whose session has ended, for as long as its sign-in has not been ended. */
final class DeviceUserProvider extends EloquentUserProvider
{
    public function retrieveByToken($identifier, $token): ?User
    {
        $signIn = app(Devices::class)->ofToken(is_string($identifier) ? $identifier : '', $token);
        $user = $signIn === null ? null : $this->retrieveById($signIn->user_id);
        if (! $signIn instanceof SignIn || ! $user instanceof User) {
            return null;
        }
        session()->put(SignIn::class, $signIn->id);

        return $user;
    }

    /**
     * Nothing to write: a device's token is kept with its sign-in.
     *
     * @phpstan-param Authenticatable $user
     */
    public function updateRememberToken(Authenticatable $user, $token): void {}
}
