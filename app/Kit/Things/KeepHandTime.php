<?php

declare(strict_types=1);

namespace App\Kit\Things;

use App\Models\Account\User;
use App\Models\Bench\BenchTime;
use App\Plan\FacePlans\PlanTeamAnew;
use Core\Kit\BenchAction;
use Core\Pace\Median;
use Core\Units\Duration;
use Illuminate\Support\Facades\DB;

/** Keeps how long a painter's hands take for one thing, and times the team's designs with it. */
final readonly class KeepHandTime
{
    /** @param  list<Duration>  $repetitions  of the drill; none to go back to the starting value */
    public function __invoke(User $painter, BenchAction $action, array $repetitions): void
    {
        DB::transaction(function () use ($painter, $action, $repetitions): void {
            $key = ['user_id' => $painter->id, 'action' => $action];
            if ($repetitions === []) {
                BenchTime::query()->where($key)->delete();
            } else {
                BenchTime::query()->updateOrCreate($key, [
                    'time_ms' => Median::durations($repetitions)->milliseconds,
                    'repetitions' => count($repetitions),
                ]);
            }
            PlanTeamAnew::dispatch($painter->team_id);
        });
    }
}
