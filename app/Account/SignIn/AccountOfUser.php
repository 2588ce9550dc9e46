<?php

declare(strict_types=1);

namespace App\Account\SignIn;

use App\Models\Account\SignIn;
use App\Models\Account\User;
use Illuminate\Contracts\Session\Session;

/** What somebody signs in with, and where. */
final readonly class AccountOfUser
{
    public function __construct(private Session $session) {}

    public function __invoke(User $user): OwnAccount
    {
        $signIns = SignIn::query()->where('user_id', $user->id)->orderByDesc('seen_at')->orderByDesc('id')->get()->all();
        $here = $this->session->get(SignIn::class);

        return new OwnAccount(
            email: $user->email,
            hasSecondFactor: $user->second_factor !== null,
            spareCodesLeft: count($user->spare_codes ?? []),
            devices: array_values(array_map(static fn (SignIn $signIn): DeviceShown => new DeviceShown(
                id: $signIn->id,
                device: $signIn->device,
                since: $signIn->created_at->getTimestampMs(),
                seenAt: $signIn->seen_at->getTimestampMs(),
                isThis: $signIn->id === $here,
            ), $signIns)),
        );
    }
}
