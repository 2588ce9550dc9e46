<?php

declare(strict_types=1);

namespace App\Account\SecondFactor;

use App\Account\Email\SendAccountLetter;
use App\Account\Team\RecordAudit;
use App\Models\Account\User;
use Illuminate\Validation\ValidationException;

/** Lets somebody sign in without a code again. */
final readonly class DropSecondFactor
{
    public function __construct(private ConfirmBoth $confirmBoth, private RecordAudit $recordAudit) {}

    /** @throws ValidationException when the password or the code is not the one */
    public function __invoke(User $user, string $password, string $code): void
    {
        ($this->confirmBoth)($user, $password, $code);
        $user->update(['second_factor' => null, 'spare_codes' => null]);
        SendAccountLetter::dispatch($user->team_id, $user->id, 'You sign in without a code again.');
        ($this->recordAudit)($user, 'signs in without a code again');
    }
}
