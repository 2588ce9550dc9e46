<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Models\Invitation;
use App\Models\User;
use App\Queries\Account\InvitationOfToken;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Takes whoever was invited into the team. A link serves once, and is refused when it serves no more. */
final readonly class JoinTeam
{
    public const GONE = 'This link is used up, was taken back, or is older than a week. Ask for a new one.';

    public function __construct(private InvitationOfToken $invitationOfToken, private KeepAct $keepAct) {}

    public function __invoke(string $token, string $name, string $email, string $password): User
    {
        return DB::transaction(function () use ($token, $name, $email, $password): User {
            $invitation = ($this->invitationOfToken)($token);
            // Of two who open it at the same moment, the first one gets in.
            if ($invitation === null || Invitation::ofTeam($invitation->team_id)->whereKey($invitation->id)->delete() !== 1) {
                throw ValidationException::withMessages(['token' => self::GONE]);
            }
            $user = User::ofTeam($invitation->team_id)->create([
                'team_id' => $invitation->team_id,
                'role' => $invitation->role,
                'name' => $name,
                'email' => mb_strtolower($email),
                'password' => $password,
            ]);
            ($this->keepAct)($user, 'came into the team');

            return $user->refresh();
        });
    }
}
