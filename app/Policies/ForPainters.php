<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;
use Illuminate\Auth\Access\Response;

/** What only those who paint may see and change. */
abstract readonly class ForPainters
{
    final public function use(User $user): Response
    {
        return $user->role->paints() ? Response::allow() : Response::deny('That is for those who paint. Ask one of them.');
    }
}
