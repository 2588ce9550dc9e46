<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use App\Exceptions\NobodyListens;
use App\Models\Plan\EventDay;
use App\Plan\Played\PlayedDay;
use Closure;
use Core\Plan\Defaults;
use Core\Plan\Outlook;
use Core\Plan\PulledLever;
use Core\Plan\Simulation\LeverKind;
use Core\Plan\Simulation\Scenario;
use Core\Plan\Simulation\Simulation;
use Core\Plan\Simulation\Tally;

/** Plays an event as it is planned: a first answer at once, then one from so many days that it stays. */
final readonly class PlayPlan
{
    public function __construct(private OutlookOfDay $outlookOfDay) {}

    /**
     * @param  Closure(ForecastRead): bool  $tell  answers whether anybody still listens
     * @param  Closure(): bool  $isHeard  likewise, without anything to tell
     */
    public function __invoke(EventDay $day, EventOutline $outline, Closure $tell, Closure $isHeard): void
    {
        $first = Outlook::of(
            $outline->scenario,
            $outline->terms->wantedPercent / 100,
            static fn (Scenario $scenario): Tally => (new Simulation($scenario, OutlookOfDay::SEED))->run(Defaults::FIRST_RUNS),
        );
        if (! $tell(new ForecastRead($outline, $first, isDone: false))) {
            return;
        }
        try {
            $tell(new ForecastRead($outline, $this->outlookOfDay->played($day, $outline, $isHeard)));
        } catch (NobodyListens) {
            // Then nobody is told.
        }
    }

    /** @param  Closure(ForecastRead): bool  $tell  answers whether anybody still listens */
    public function levers(EventOutline $outline, Closure $tell): void
    {
        foreach (LeverKind::cases() as $kind) {
            $pulled = in_array($kind, $outline->terms->levers, true) ? null : PulledLever::of(
                $kind,
                $outline->scenario,
                $outline->terms->forHelper(),
                $outline->terms->wantedPercent / 100,
            );
            if ($pulled !== null && ! $tell(new ForecastRead($outline, $pulled->outlook, lever: $kind))) {
                return;
            }
        }
    }

    /**
     * Plays one day to be looked at: a usual one, a good or a bad one.
     *
     * @param  float  $share  of days that end earlier: 0.5 for a usual one
     */
    public function watch(EventOutline $outline, float $share, int $next): PlayedDay
    {
        $outlook = Outlook::of(
            $outline->scenario,
            $outline->terms->wantedPercent / 100,
            // Others each time it is asked for one more.
            static fn (Scenario $scenario): Tally => (new Simulation($scenario, 1 + $next))->run(Defaults::FIRST_RUNS),
        );
        $run = $outlook->tally->runLike($share);
        [$faces, $lost] = (new Simulation($outlook->scenario, 1 + $next))->watch($run);

        return PlayedDay::of(new ForecastRead($outline, $outlook), $run, $faces, $lost);
    }
}
