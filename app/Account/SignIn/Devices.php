<?php

declare(strict_types=1);

namespace App\Account\SignIn;

use App\Account\Email\SendAccountLetter;
use App\Models\Account\SignIn;
use App\Models\Account\User;
use Illuminate\Contracts\Auth\Factory as Guards;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Contracts\Cookie\QueueingFactory;
use Illuminate\Contracts\Session\Session;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

/** The devices on which somebody is signed in. */
final readonly class Devices
{
    private const TOKEN_LETTERS = 60;

    /** Which of our people a device has been signed in by; kept by the device alone. */
    private const KNOWN = 'inch_known';

    private const KNOWN_MINUTES = 60 * 24 * 365;

    private const MOST_KNOWN = 8;

    /** A device that was not opened for longer signs in anew. */
    public const UNSEEN_DAYS = 30;

    public function __construct(
        private Guards $guards,
        private Session $session,
        private QueueingFactory $cookies,
        private Request $request,
    ) {}

    /**
     * Signs somebody in on the device that asks, until it is ended here, elsewhere, or by a new password.
     *
     * @param  bool  $isToldOf  whether a letter goes out where this device is a new one
     */
    public function signInHere(User $user, bool $isToldOf = false): void
    {
        $browser = (string) $this->request->userAgent();
        // Whoever was signed in here before leaves nothing behind.
        SignIn::query()->whereKey($this->session->get(SignIn::class))->delete();
        $this->session->invalidate();
        $token = Str::random(self::TOKEN_LETTERS);
        $signIn = SignIn::query()->create([
            'user_id' => $user->id,
            'token_hash' => self::hash($token),
            'device' => str_contains($browser, 'Mobile') ? 'phone' : 'computer',
            'seen_at' => now(),
        ]);
        $user->setRememberToken($token);
        $guard = $this->guards->guard();
        assert($guard instanceof StatefulGuard);
        $guard->login($user, remember: true);
        $this->session->put(SignIn::class, $signIn->id);
        $this->session->put(Credentials::AT, now()->getTimestamp());
        $this->remember($user, $signIn->device, $isToldOf);
    }

    private function remember(User $user, string $device, bool $isToldOf): void
    {
        $shown = $this->request->cookie(self::KNOWN);
        $known = explode(' ', is_string($shown) ? $shown : '');
        $mark = substr(hash('sha256', $user->id), 0, 16);
        if ($isToldOf && ! in_array($mark, $known, true)) {
            SendAccountLetter::dispatch($user->team_id, $user->id, "Somebody signed in as you on a {$device} that was new here.");
        }
        $marks = array_slice(array_unique([$mark, ...$known]), 0, self::MOST_KNOWN);
        $this->cookies->queue(self::KNOWN, implode(' ', $marks), self::KNOWN_MINUTES);
    }

    /** Signs out the device that asks, and leaves nothing of the session. */
    public function signOutHere(): void
    {
        SignIn::query()->whereKey($this->session->get(SignIn::class))->delete();
        $guard = $this->guards->guard();
        assert($guard instanceof StatefulGuard);
        $guard->logout();
        $this->session->invalidate();
        $this->session->regenerateToken();
    }

    /**
     * Signs one device of somebody out, from wherever that is said.
     *
     * @throws ModelNotFoundException<SignIn> when it is no sign-in of this user
     */
    public function signOut(User $user, string $id): void
    {
        SignIn::query()->where('user_id', $user->id)->findOrFail($id)->delete();
    }

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    /** Which sign-in a device shows that it has. */
    public function ofToken(string $userId, string $token): ?SignIn
    {
        return SignIn::query()->where('token_hash', self::hash($token))->where('user_id', $userId)
            ->where('seen_at', '>', now()->subDays(self::UNSEEN_DAYS))->first();
    }
}
