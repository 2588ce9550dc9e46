<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Models\Account\CalendarFeed;
use App\Models\Account\Invitation;
use App\Models\Account\Team;
use App\Models\Account\User;
use App\Models\Kit\KitItem;
use App\Plan\Days\Rosters;
use App\Plan\FacePlans\PlanTeamAnew;
use Core\Team\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** Who is in a team, and as what. */
final readonly class Members
{
    public const LAST_OWNER = 'Somebody has to answer for the team. Make another one its owner first.';

    private const NAMELESS = 'a painter';

    public function __construct(private RecordAudit $recordAudit, private Rosters $rosters) {}

    /** Takes somebody into a team, which is made where there is none of that name: then it is the one's own. */
    public function add(string $team, string $name, string $email, string $password, Role $role = Role::Artist): User
    {
        return DB::transaction(static fn (): User => User::query()->create([
            'team_id' => ($joined = Team::query()->firstOrCreate(['name' => $team]))->id,
            'role' => $joined->wasRecentlyCreated ? Role::Owner : $role,
            'name' => $name,
            'email' => mb_strtolower($email),
            'password' => $password,
        ]));
    }

    /** Gives somebody of the team other work. One at least answers for it: else it is refused. */
    public function changeRole(User $owner, User $member, Role $role): void
    {
        DB::transaction(function () use ($owner, $member, $role): void {
            $owners = User::ofTeam($owner->team_id)->where('role', Role::Owner)->lockForUpdate()->pluck('id')->all();
            if ($role !== Role::Owner && $owners === [$member->id]) {
                throw ValidationException::withMessages(['role' => self::LAST_OWNER]);
            }
            $member->update(['role' => $role]);
            if (! $role->paints()) {
                CalendarFeed::query()->whereKey($member->id)->delete();
            }
            ($this->recordAudit)($owner, "made {$member->name} {$role->inWords()}");
        });
    }

    /**
     * Lets somebody go from the team, but for the last who answers for it: signed out everywhere at once, in no roster to come, and
     * the address free for another team. The own bag goes along. What was painted stays in the logbook, under the name or as a
     * painter's.
     */
    public function remove(User $by, User $member, bool $keepsName): void
    {
        DB::transaction(function () use ($by, $member, $keepsName): void {
            $owners = User::ofTeam($by->team_id)->where('role', Role::Owner)->lockForUpdate()->pluck('id')->all();
            if ($owners === [$member->id]) {
                throw ValidationException::withMessages(['member' => self::LAST_OWNER]);
            }
            ($this->recordAudit)($by, $by->is($member) ? 'left the team' : "let {$member->name} go from the team");
            $this->rosters->leave($member);
            CalendarFeed::query()->whereKey($member->id)->delete();
            KitItem::ofTeam($by->team_id)->where('owner_id', $member->id)->delete();
            KitItem::ofTeam($by->team_id)->where('home_id', $member->id)->update(['home_id' => null]);
            Invitation::ofTeam($by->team_id)->where('painter_id', $member->id)->delete();
            $member->update([
                'name' => $keepsName ? $member->name : self::NAMELESS,
                'email' => "left-{$member->id}@invalid",
                'password' => Str::random(60),
            ]);
            $member->delete();
        });
        PlanTeamAnew::dispatch($by->team_id);
    }
}
