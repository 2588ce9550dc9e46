<?php

declare(strict_types=1);

namespace App\Account\SignIn;

use App\Models\SignIn;
use App\Models\User;
use Illuminate\Contracts\Session\Session;

/** What somebody signs in with, and where. */
final readonly class AccountOfUser
{
    public function __construct(private Session $session) {}

    public function __invoke(User $user): AccountRead
    {
        $signIns = SignIn::query()->where('user_id', $user->id)->orderByDesc('seen_at')->orderByDesc('id')->get()->all();
        $here = $this->session->get(SignIn::class);

        return new AccountRead(
            email: $user->email,
            hasSecondFactor: $user->second_factor !== null,
            spareCodesLeft: count($user->spare_codes ?? []),
            signIns: array_values($signIns),
            here: is_string($here) ? $here : '',
        );
    }
}
