<?php

declare(strict_types=1);

namespace App\Account\Email;

use App\Account\SecondFactor\ConfirmBoth;
use App\Models\Account\User;

/** Sends a link to the address that somebody wants to sign in with: nothing changes before it is opened there. */
final readonly class AskEmailChange
{
    public function __construct(private ConfirmBoth $confirmBoth) {}

    /** @param  string  $code  of the second factor; empty where there is none */
    public function __invoke(User $user, string $email, string $password, string $code): void
    {
        ($this->confirmBoth)($user, $password, $code);
        SendEmailLink::dispatch($user->team_id, $user->id, $email);
    }
}
