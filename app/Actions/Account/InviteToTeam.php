<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Jobs\SendInvitation;
use App\Models\Invitation;
use App\Models\User;
use App\Queries\Account\InvitationOfToken;
use Core\Team\Role;
use Illuminate\Support\Str;

/** Makes a link that takes one person into the team, and sends it where an e-mail address was given. */
final readonly class InviteToTeam
{
    private const TOKEN_LETTERS = 43;

    private const DAYS = 7;

    /**
     * @param  User|null  $painter  one of the team who cannot sign in yet, and stays who it is; null for somebody new
     * @return string its address, which is told this once
     */
    public function __invoke(User $owner, Role $role, string $email = '', ?User $painter = null): string
    {
        $token = Str::random(self::TOKEN_LETTERS);
        Invitation::ofTeam($owner->team_id)->create([
            'team_id' => $owner->team_id,
            'painter_id' => $painter?->id,
            'role' => $role,
            'token_hash' => InvitationOfToken::hash($token),
            'ends_at' => now()->addDays(self::DAYS),
        ]);

        $address = url("join/{$token}");
        if ($email !== '') {
            SendInvitation::dispatch(
                email: $email,
                team: $owner->team->name,
                inviter: $owner->name,
                role: $role,
                address: $address,
            );
        }

        return $address;
    }
}
