<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Models\Account\CalendarFeed;
use App\Models\Account\Invitation;
use App\Models\Account\User;
use App\Models\Kit\KitItem;
use App\Plan\Days\LeaveShifts;
use App\Plan\FacePlans\PlanTeamAnew;
use Core\Team\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/**
 * Lets somebody go from the team, but for the last who answers for it: signed out everywhere at once, in no roster to come, and
 * the address free for another team. The own bag goes along. What was painted stays in the logbook, under the name or as a
 * painter's.
 */
final readonly class RemoveMember
{
    public const LAST_OWNER = 'Somebody has to answer for the team. Make another one its owner first.';

    private const NAMELESS = 'a painter';

    public function __construct(private RecordAudit $recordAudit, private LeaveShifts $leaveShifts) {}

    public function __invoke(User $by, User $member, bool $keepsName): void
    {
        DB::transaction(function () use ($by, $member, $keepsName): void {
            $owners = User::ofTeam($by->team_id)->where('role', Role::Owner)->lockForUpdate()->pluck('id')->all();
            if ($owners === [$member->id]) {
                throw ValidationException::withMessages(['member' => self::LAST_OWNER]);
            }
            ($this->recordAudit)($by, $by->is($member) ? 'left the team' : "let {$member->name} go from the team");
            ($this->leaveShifts)($member);
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
