<?php

declare(strict_types=1);

namespace Core\Plan;

use Core\Plan\Simulation\Scenario;
use Core\Plan\Simulation\Tally;
use Core\Units\Duration;

/**
 * What may come of an event. Where the painter has not said when names are last taken, they are taken as long as everybody who got one
 * is painted by closing with the wanted chance.
 */
final readonly class Outlook
{
    /** Names are stopped at times that can be told to a line. */
    private const ROUND_MINUTES = 5;

    /**
     * @param  Scenario  $scenario  as it is played, the stopping of names in it
     * @param  Duration|null  $latestName  since the opening: until when names can be taken so that everybody is painted by closing with
     *                                     the wanted chance; null where not even the first ones are
     * @param  Tally  $tally  of the scenario
     */
    private function __construct(
        public Scenario $scenario,
        public ?Duration $latestName,
        public Tally $tally,
        public float $wantedChance,
    ) {}

    /** @param  callable(Scenario): Tally  $play */
    public static function of(Scenario $scenario, float $wantedChance, callable $play): self
    {
        $all = $play($scenario);
        $latest = self::rounded($all->latestName($wantedChance), $scenario->open);
        $stopping = self::stopping($scenario, $latest);

        return new self(
            scenario: $stopping,
            latestName: $latest,
            tally: $stopping === $scenario ? $all : $play($stopping),
            wantedChance: $wantedChance,
        );
    }

    /**
     * What was kept of one, told again.
     *
     * @param  Scenario  $scenario  as it was given to of()
     */
    public static function again(Scenario $scenario, float $wantedChance, ?Duration $latestName, Tally $tally): self
    {
        return new self(
            scenario: self::stopping($scenario, $latestName),
            latestName: $latestName,
            tally: $tally,
            wantedChance: $wantedChance,
        );
    }

    /** Children who come after names were stopped, as a rule. */
    public function tooLate(): float
    {
        return max(0.0, $this->scenario->arrivals->children - $this->tally->meanFaces() - $this->tally->lost());
    }

    /** Whether everybody who gets a name is painted by closing, with the wanted chance. */
    public function isKept(): bool
    {
        return $this->tally->chanceOfAll() >= $this->wantedChance;
    }

    /** Faces of all artists together an hour of the event. */
    public function facesAnHour(): float
    {
        return $this->tally->meanFaces() / ($this->scenario->open->milliseconds / 3_600_000);
    }

    private static function rounded(?Duration $latest, Duration $open): ?Duration
    {
        if ($latest === null || ! $open->isLongerThan($latest)) {
            return $latest;
        }
        $round = self::ROUND_MINUTES * 60_000;
        $rounded = intdiv($latest->milliseconds, $round) * $round;

        return $rounded === 0 ? null : Duration::ofMilliseconds($rounded);
    }

    /** The scenario itself where nobody is turned away before closing. */
    private static function stopping(Scenario $scenario, ?Duration $latest): Scenario
    {
        return $scenario->rules->stopNamesAt === null && ! $scenario->arrivals->isAtOnce
            && $latest !== null && $scenario->open->isLongerThan($latest)
            ? $scenario->with(['rules' => $scenario->rules->stoppingNamesAt($latest)])
            : $scenario;
    }
}
