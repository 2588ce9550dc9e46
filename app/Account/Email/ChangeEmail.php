<?php

declare(strict_types=1);

namespace App\Account\Email;

use App\Account\SignIn\AccountOfAddress;
use App\Account\Team\RecordAudit;
use App\Models\Account\PasswordLink;
use App\Models\Account\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** From now on whoever has the link signs in with the new address; the old one is told, and links sent there serve no more. */
final readonly class ChangeEmail
{
    public const GONE = 'This link has been used, or is over an hour old. Ask for a new one on the team page.';

    public const TAKEN = 'Somebody else signs in with that e-mail address. Choose another one.';

    public function __construct(
        private EmailChangeOfToken $changeOfToken,
        private AccountOfAddress $accountOfAddress,
        private RecordAudit $recordAudit,
    ) {}

    public function __invoke(string $token): void
    {
        DB::transaction(function () use ($token): void {
            $change = ($this->changeOfToken)($token) ?? throw ValidationException::withMessages(['token' => self::GONE]);
            $user = User::ofTeam($change->user->team_id)->lockForUpdate()->findOrFail($change->user->id);
            if (($this->accountOfAddress)($change->email) !== null) {
                throw ValidationException::withMessages(['token' => self::TAKEN]);
            }
            $old = $user->email;
            $user->update(['email' => $change->email]);
            PasswordLink::query()->where('user_id', $user->id)->delete();
            SendAccountLetter::dispatch($user->team_id, $user->id, "You sign in with {$change->email} from now on.", $old);
            ($this->recordAudit)($user, 'changed the own e-mail address');
        });
    }
}
