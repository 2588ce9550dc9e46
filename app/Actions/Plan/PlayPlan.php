<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Queries\Plan\EventOutline;
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
    /** Days after which it is asked whether anybody still listens. */
    private const AT_ONCE = 500;

    /**
     * @param  Closure(ForecastRead): bool  $tell  answers whether anybody still listens
     * @param  Closure(): bool  $isHeard  likewise, without anything to tell
     */
    public function __invoke(EventOutline $outline, Closure $tell, Closure $isHeard): void
    {
        $first = $this->outlook($outline, static fn (Scenario $scenario): Tally => (new Simulation($scenario))->run(Defaults::FIRST_RUNS));
        if (! $tell(new ForecastRead($outline, $first, isDone: false))) {
            return;
        }
        $refined = $this->outlook($outline, static fn (Scenario $scenario): Tally => self::all($scenario, $isHeard));
        if ($isHeard()) {
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

    /** @param  Closure(): bool  $isHeard  once nobody listens, it does not matter how many days were played */
    private static function all(Scenario $scenario, Closure $isHeard): Tally
    {
        $simulation = new Simulation($scenario);
        $tally = $simulation->run(self::AT_ONCE);
        while ($tally->count() < Defaults::RUNS && $isHeard()) {
            $tally = $tally->and($simulation->run(self::AT_ONCE, $tally->count()));
        }

        return $tally;
    }
}
