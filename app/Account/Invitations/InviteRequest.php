<?php

declare(strict_types=1);

namespace App\Account\Invitations;

use App\Http\Requests\TeamRequest;
use App\Models\Account\User;
use App\Rules\CaseOf;
use Closure;
use Core\Team\Role;

/** As what somebody is to come into the team, and where to send the link. */
final class InviteRequest extends TeamRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'role' => ['required', new CaseOf(Role::class)],
            'email' => ['sometimes', 'nullable', 'string', 'email', 'max:190'],
            'painter' => ['sometimes', 'nullable', 'string', 'ulid', $this->cannotSignIn(...)],
        ];
    }

    public function role(): Role
    {
        return Role::from($this->string('role')->toString());
    }

    /** One of the team who cannot sign in yet; null for somebody new. */
    public function known(): ?User
    {
        $id = $this->input('painter');

        return is_string($id) ? User::ofTeam($this->teamId())->find($id) : null;
    }

    /** Empty where the link is to be handed over. */
    public function email(): string
    {
        return $this->string('email')->toString();
    }

    /** @param  Closure(string): mixed  $refuse */
    private function cannotSignIn(string $field, mixed $value, Closure $refuse): void
    {
        $known = $this->known();
        if ($known === null || $known->signsIn()) {
            $refuse($known === null ? 'That painter is not of the team any more.' : "{$known->name} signs in already.");
        }
    }
}
