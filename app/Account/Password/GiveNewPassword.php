<?php

declare(strict_types=1);

namespace App\Account\Password;

use App\Account\Email\SendAccountLetter;
use App\Models\Account\PasswordLink;
use App\Models\Account\SignIn;
use App\Models\Account\User;

/** From now on somebody signs in with another password: every device is signed out, links to a new one are good no longer. */
final readonly class GiveNewPassword
{
    public function __invoke(User $user, string $password): void
    {
        $user->update(['password' => $password]);
        SignIn::query()->where('user_id', $user->id)->delete();
        PasswordLink::query()->where('user_id', $user->id)->delete();
        SendAccountLetter::dispatch($user->team_id, $user->id, 'Your password was changed.');
    }
}
