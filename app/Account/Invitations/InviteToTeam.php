<?php

declare(strict_types=1);

namespace App\Account\Invitations;

use App\Models\Account\Invitation;
use App\Models\Account\User;
use Core\Team\Role;
use Illuminate\Cache\RateLimiter;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** Makes a link that takes one person into the team, and sends it where an e-mail address was given. */
final readonly class InviteToTeam
{
    private const TOKEN_LETTERS = 43;

    private const DAYS = 7;

    /** Open at a time; and of one team in a day, by letter. */
    private const MOST_OPEN = 20;

    private const MOST_LETTERS = 40;

    public function __construct(private RateLimiter $limiter) {}

    /**
     * @param  User|null  $painter  one of the team who cannot sign in yet, and stays who it is; null for somebody new
     * @return string its address, which is told this once
     *
     * @throws ValidationException where there are more than a team can be waiting for
     */
    public function __invoke(User $owner, Role $role, string $email = '', ?User $painter = null): string
    {
        $letters = "invitations of {$owner->team_id}";
        if (Invitation::ofTeam($owner->team_id)->where('ends_at', '>', now())->count() >= self::MOST_OPEN
            || ($email !== '' && $this->limiter->tooManyAttempts($letters, self::MOST_LETTERS))) {
            throw ValidationException::withMessages([
                'email' => 'That is a lot of invitations. Take back some that are open, or invite the others tomorrow.',
            ]);
        }
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
            $this->limiter->hit($letters, 86_400);
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
