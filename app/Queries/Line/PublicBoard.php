<?php

declare(strict_types=1);

namespace App\Queries\Line;

use App\Models\BoardLink;
use App\Models\Design;
use App\Models\EventDay;
use App\Models\FacePlan;
use App\Queries\Plan\PlanRead;
use App\Queries\Plan\PlansOfDay;

/** What a board shows to whoever has its link: nothing of the team but the line and the menu. */
final readonly class PublicBoard
{
    public function __construct(private LineOfDay $line, private VersionOfLine $version, private PlansOfDay $plans) {}

    /** The day of that link; null where it is revoked, or never was. */
    public function day(string $token): ?EventDay
    {
        return $this->link($token)?->day;
    }

    /** A short name for all that is shown: as long as it stays the same, so does the board. */
    public function version(string $token, EventDay $day): string
    {
        return hash('xxh128', $this->version->forHelper($day).($this->showsNames($token) ? 'names' : ''));
    }

    public function line(EventDay $day): LineRead
    {
        return $this->line->forHelper($day);
    }

    public function showsNames(string $token): bool
    {
        return $this->link($token)?->shows_names === true;
    }

    /** @return list<PlanRead> of the menu, to draw its pictures */
    public function pictures(EventDay $day): array
    {
        $plans = Design::ofTeam($day->team_id)->whereIn('id', $day->menuItems->pluck('design_id'))->whereNotNull('plan_id')->pluck('plan_id');

        return array_values(FacePlan::query()->whereIn('id', $plans)->get()->map(fn (FacePlan $plan): PlanRead => $this->plans->plan($plan))
            ->all());
    }

    private function link(string $token): ?BoardLink
    {
        return BoardLink::query()->where('token_hash', BoardLink::hash($token))->with('day')->first();
    }
}
