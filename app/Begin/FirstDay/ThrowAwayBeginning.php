<?php

declare(strict_types=1);

namespace App\Begin\FirstDay;

use App\Exceptions\DayInUse;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Kit\KitItem;
use App\Models\Line\ChairEvent;
use App\Models\Plan\Beginning;
use App\Models\Plan\EventDay;
use App\Plan\FacePlans\PlanTeamAnew;
use Core\Line\EventKind;
use Illuminate\Support\Facades\DB;

/** Takes away what a team was given to begin with, as long as no child was seated; what was changed since is its own, and stays. */
final readonly class ThrowAwayBeginning
{
    /** @throws DayInUse when a child was seated */
    public function __invoke(User $painter): void
    {
        DB::transaction(function () use ($painter): void {
            foreach (Beginning::ofTeam($painter->team_id)->lockForUpdate()->get() as $beginning) {
                $day = EventDay::ofTeam($painter->team_id)->find($beginning->event_day_id);
                if ($day !== null && self::isUsed($day)) {
                    throw DayInUse::of($day->name);
                }
                $day?->delete();
                Design::ofTeam($painter->team_id)->whereIn('id', $beginning->design_ids)->where('revision', 1)->delete();
                KitItem::ofTeam($painter->team_id)->whereIn('id', $beginning->thing_ids)->whereColumn('updated_at', 'created_at')->delete();
                $beginning->delete();
            }
            PlanTeamAnew::dispatch($painter->team_id);
        });
    }

    private static function isUsed(EventDay $day): bool
    {
        return ChairEvent::query()->where('event_day_id', $day->id)->where('kind', EventKind::Seated)->exists();
    }
}
