<?php

declare(strict_types=1);

namespace App\Kit\Things;

use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Bench\Step;
use App\Models\Kit\KitItem;
use App\Models\Kit\KitRemoval;
use App\Plan\FacePlans\PlanTeamAnew;
use Illuminate\Support\Facades\DB;

/** Takes a removal back: the thing is there again, and the steps that nobody changed since use it again. */
final readonly class PutThingBack
{
    public function __invoke(User $painter, KitRemoval $removal): void
    {
        DB::transaction(function () use ($painter, $removal): void {
            KitItem::ofTeam($painter->team_id)->create(['team_id' => $painter->team_id, ...$removal->item]);
            foreach ($removal->steps as $change) {
                $mine = Design::ofTeam($painter->team_id)->withTrashed()->whereKey($change['designId']);
                $step = Step::query()->whereIn('design_id', $mine->select('id'))->where('id', $change['id'])->lockForUpdate()->first();
                if ($step !== null && $step->content === $change['after']) {
                    $step->update(['content' => $change['before']]);
                    Design::ofTeam($painter->team_id)->where('id', $step->design_id)->increment('revision');
                }
            }
            $removal->delete();
            PlanTeamAnew::dispatch($painter->team_id);
        });
    }
}
