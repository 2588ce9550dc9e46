<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Models\Account\CalendarFeed;
use App\Models\Account\User;
use Core\Team\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Gives somebody of the team other work. One at least answers for it: else it is refused. */
final readonly class ChangeRole
{
    public function __construct(private RecordAudit $recordAudit) {}

    public function __invoke(User $owner, User $member, Role $role): void
    {
        DB::transaction(function () use ($owner, $member, $role): void {
            $owners = User::ofTeam($owner->team_id)->where('role', Role::Owner)->lockForUpdate()->pluck('id')->all();
            if ($role !== Role::Owner && $owners === [$member->id]) {
                throw ValidationException::withMessages(['role' => RemoveMember::LAST_OWNER]);
            }
            $member->update(['role' => $role]);
            if (! $role->paints()) {
                CalendarFeed::query()->whereKey($member->id)->delete();
            }
            ($this->recordAudit)($owner, "made {$member->name} {$role->inWords()}");
        });
    }
}
