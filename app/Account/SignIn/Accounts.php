<?php

declare(strict_types=1);

namespace App\Account\SignIn;

use App\Models\Account\SignIn;
use App\Models\Account\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Contracts\Session\Session;
use Illuminate\Support\Facades\Auth;

/** Accounts, as they are asked for. */
final readonly class Accounts
{
    public function __construct(private Session $session) {}

    /** Whose an e-mail address is, before anybody is signed in. */
    public function ofAddress(string $email): ?User
    {
        return User::query()->where('email', mb_strtolower($email))->first();
    }

    /** What somebody signs in with, and where. */
    public function ownAccount(User $user): OwnAccount
    {
        $signIns = SignIn::query()->where('user_id', $user->id)->orderByDesc('seen_at')->orderByDesc('id')->get()->all();
        $here = $this->session->get(SignIn::class);

        return new OwnAccount(
            email: $user->email,
            hasSecondFactor: $user->second_factor !== null,
            spareCodesLeft: count($user->spare_codes ?? []),
            devices: array_values(array_map(static fn (SignIn $signIn): array => [
                'id' => $signIn->id,
                'device' => $signIn->device,
                'since' => $signIn->created_at->getTimestampMs(),
                'seenAt' => $signIn->seen_at->getTimestampMs(),
                'isThis' => $signIn->id === $here,
            ], $signIns)),
        );
    }

    public function whoIsSignedIn(): SessionState
    {
        $user = Auth::user();

        $user = $user instanceof User ? $user : null;

        return new SessionState(
            userName: $user?->name,
            teamId: $user?->team_id,
            teamName: $user?->team->name,
            role: $user?->role,
            currency: $user->team->currency ?? 'EUR',
            namesDays: $user->team->names_days ?? 1,
            teamEndsAt: $user?->team->ends_at?->getTimestampMs(),
            isOpen: config('app.open') === true,
            demo: config('app.demo') === true ? ['email' => DemoSeeder::EMAIL, 'password' => DemoSeeder::PASSWORD] : null,
        );
    }
}
