<?php

declare(strict_types=1);

namespace App\Account\Invitations;

use App\Account\Team\RecordAudit;
use App\Models\Account\Invitation;
use App\Models\Account\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Takes whoever was invited into the team, or lets somebody of it sign in. A link serves once, and is refused when it serves no more. */
final readonly class JoinTeam
{
    public const GONE = 'This link is used up, was taken back, or is older than a week. Ask for a new one.';

    public function __construct(private InvitationOfToken $invitationOfToken, private RecordAudit $recordAudit) {}

    public function __invoke(string $token, string $name, string $email, string $password): User
    {
        return DB::transaction(function () use ($token, $name, $email, $password): User {
            $invitation = ($this->invitationOfToken)($token);
            // Of two who open it at the same moment, the first one gets in.
            if ($invitation === null || Invitation::ofTeam($invitation->team_id)->whereKey($invitation->id)->delete() !== 1) {
                throw ValidationException::withMessages(['token' => self::GONE]);
            }
            $user = self::known($invitation) ?? new User(['team_id' => $invitation->team_id]);
            $user->fill(['role' => $invitation->role, 'name' => $name, 'email' => mb_strtolower($email), 'password' => $password])->save();
            ($this->recordAudit)($user, $invitation->painter_id === null ? 'came into the team' : 'signs in from now on');

            return $user->refresh();
        });
    }

    /** @throws ValidationException when it was for one who signs in by another link already */
    private static function known(Invitation $invitation): ?User
    {
        if ($invitation->painter_id === null) {
            return null;
        }
        $painter = User::ofTeam($invitation->team_id)->lockForUpdate()->find($invitation->painter_id);

        return $painter?->signsIn() === false ? $painter : throw ValidationException::withMessages(['token' => self::GONE]);
    }
}
