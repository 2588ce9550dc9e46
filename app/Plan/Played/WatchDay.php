<?php

declare(strict_types=1);

namespace App\Plan\Played;

use App\Plan\Forecast\EventOutline;
use App\Plan\Forecast\ForecastRead;
use Core\Plan\Defaults;
use Core\Plan\Outlook;
use Core\Plan\Simulation\Scenario;
use Core\Plan\Simulation\Simulation;
use Core\Plan\Simulation\Tally;

/** Plays one day to be looked at: a usual one, a good or a bad one. */
final readonly class WatchDay
{
    /** @param  float  $share  of days that end earlier: 0.5 for a usual one */
    public function __invoke(EventOutline $outline, float $share, int $next): DayPlayed
    {
        $outlook = Outlook::of(
            $outline->scenario,
            $outline->terms->wantedPercent / 100,
            // Others each time it is asked for one more.
            static fn (Scenario $scenario): Tally => (new Simulation($scenario, 1 + $next))->run(Defaults::FIRST_RUNS),
        );
        $run = $outlook->tally->runLike($share);
        [$faces, $lost] = (new Simulation($outlook->scenario, 1 + $next))->watch($run);

        return new DayPlayed(new ForecastRead($outline, $outlook), $run, $faces, $lost);
    }
}
