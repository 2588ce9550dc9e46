<?php

declare(strict_types=1);

namespace App\Account\Invitations;

use App\Account\Team\RecordAudit;
use App\Models\Account\Invitation;
use App\Models\Account\User;
use Core\Team\Role;
use Illuminate\Cache\RateLimiter;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** Invitations to a team. */
final readonly class Invitations
{
    private const TOKEN_LETTERS = 43;

    private const DAYS = 7;

    /** Open at a time; and of one team in a day, by letter. */
    private const MOST_OPEN = 20;

    private const MOST_LETTERS = 40;

    public const GONE = 'This link is used up, was taken back, or is older than a week. Ask for a new one.';

    public function __construct(private RateLimiter $limiter, private RecordAudit $recordAudit) {}

    /**
     * Makes a link that takes one person into the team, and sends it where an e-mail address was given.
     *
     * @param  User|null  $painter  one of the team who cannot sign in yet, and stays who it is; null for somebody new
     * @return string its address, which is told this once
     *
     * @throws ValidationException where there are more than a team can be waiting for
     */
    public function invite(User $owner, Role $role, string $email = '', ?User $painter = null): string
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
            'token_hash' => self::hash($token),
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

    /** Takes whoever was invited into the team, or lets somebody of it sign in. A link serves once. */
    public function join(string $token, string $name, string $email, string $password): User
    {
        return DB::transaction(function () use ($token, $name, $email, $password): User {
            $invitation = $this->ofToken($token);
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

    /** Ends a link before anybody has taken it. */
    public function takeBack(User $owner, Invitation $invitation): void
    {
        $invitation->delete();
        ($this->recordAudit)($owner, 'took back an invitation');
    }

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    /**
     * What a link invites to, before anybody is signed in.
     *
     * @return Invitation|null null where it was used, taken back or is too old
     */
    public function ofToken(string $token): ?Invitation
    {
        return Invitation::query()->with('team', 'painter')->where('token_hash', self::hash($token))->where('ends_at', '>', now())->first();
    }
}
