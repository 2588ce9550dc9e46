<?php

declare(strict_types=1);

namespace App\Account\SignIn;

use App\Models\Account\SignIn;
use App\Models\Account\User;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** Signs one device of somebody out, from wherever that is said. */
final readonly class EndSignIn
{
    /** @throws ModelNotFoundException<SignIn> when it is no sign-in of this user */
    public function __invoke(User $user, string $id): void
    {
        SignIn::query()->where('user_id', $user->id)->findOrFail($id)->delete();
    }
}
