<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Models\SignIn;
use App\Models\User;
use App\Queries\Account\SignInOfToken;
use Illuminate\Contracts\Auth\Factory as Guards;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Contracts\Session\Session;
use Illuminate\Support\Str;

/** Signs somebody in on the device that asks, until it is ended here, elsewhere, or by a new password. */
final readonly class SignInHere
{
    private const TOKEN_LETTERS = 60;

    public function __construct(private Guards $guards, private Session $session) {}

    /** @param  string  $browser  what the device says of itself */
    public function __invoke(User $user, string $browser): void
    {
        // Whoever was signed in here before leaves nothing behind.
        SignIn::query()->whereKey($this->session->get(SignIn::class))->delete();
        $this->session->invalidate();
        $token = Str::random(self::TOKEN_LETTERS);
        $signIn = SignIn::query()->create([
            'user_id' => $user->id,
            'token_hash' => SignInOfToken::hash($token),
            'device' => str_contains($browser, 'Mobile') ? 'phone' : 'computer',
            'seen_at' => now(),
        ]);
        $user->setRememberToken($token);
        $guard = $this->guards->guard();
        assert($guard instanceof StatefulGuard);
        $guard->login($user, remember: true);
        $this->session->put(SignIn::class, $signIn->id);
    }
}
