<?php

declare(strict_types=1);

namespace App\Account\Password;

use App\Account\Team\RecordAudit;
use App\Models\Account\PasswordLink;
use App\Models\Account\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Gives whoever has the link a new password, and signs out every device. A second factor stays; a link serves once. */
final readonly class RenewPassword
{
    public const GONE = 'This link is used up, or older than an hour. Ask for a new one.';

    public function __construct(
        private PasswordLinkOfToken $linkOfToken,
        private GiveNewPassword $giveNewPassword,
        private RecordAudit $recordAudit,
    ) {}

    public function __invoke(string $token, string $password): User
    {
        return DB::transaction(function () use ($token, $password): User {
            $link = ($this->linkOfToken)($token);
            if ($link === null || PasswordLink::query()->whereKey($link->id)->delete() !== 1) {
                throw ValidationException::withMessages(['token' => self::GONE]);
            }
            ($this->giveNewPassword)($link->user, $password);
            ($this->recordAudit)($link->user, 'got a new password by a letter');

            return $link->user;
        });
    }
}
