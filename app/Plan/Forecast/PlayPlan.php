<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

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
    private const SEED = 1;

    public function __construct(private PlayDays $playDays) {}

    /**
     * @param  Closure(ForecastRead): bool  $tell  answers whether anybody still listens
     * @param  Closure(): bool  $isHeard  likewise, without anything to tell
     */
    public function __invoke(EventOutline $outline, Closure $tell, Closure $isHeard): void
    {
        $first = static fn (Scenario $scenario): Tally => (new Simulation($scenario, self::SEED))->run(Defaults::FIRST_RUNS);
        if (! $tell(new ForecastRead($outline, $this->outlook($outline, $first), isDone: false))) {
            return;
        }
        $isWanted = true;
        $refined = $this->outlook($outline, function (Scenario $scenario) use ($first, $isHeard, &$isWanted): Tally {
            $tally = $isWanted ? ($this->playDays)($scenario, self::SEED, Defaults::RUNS, $isHeard) : null;
            $isWanted = $tally !== null;

            return $tally ?? $first($scenario);
        });
        if ($isWanted) {
            $tell(new ForecastRead($outline, $refined));
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

    /** @param  callable(Scenario): Tally  $play */
    private function outlook(EventOutline $outline, callable $play): Outlook
    {
        return Outlook::of($outline->scenario, $outline->terms->wantedPercent / 100, $play);
    }
}
