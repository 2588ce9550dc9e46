<?php

declare(strict_types=1);

namespace App\Account\SignIn;

use App\Models\Account\SignIn;
use Illuminate\Contracts\Auth\Factory as Guards;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Contracts\Session\Session;

/** Signs out the device that asks, and leaves nothing of the session. */
final readonly class SignOutHere
{
    public function __construct(private Guards $guards, private Session $session) {}

    public function __invoke(): void
    {
        SignIn::query()->whereKey($this->session->get(SignIn::class))->delete();
        $guard = $this->guards->guard();
        assert($guard instanceof StatefulGuard);
        $guard->logout();
        $this->session->invalidate();
        $this->session->regenerateToken();
    }
}
