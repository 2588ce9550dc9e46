<?php

declare(strict_types=1);

namespace Core\Plan\Menu;

use Core\Plan\Simulation\Artist;
use Core\Plan\Simulation\FaceTime;
use Core\Plan\Simulation\Scenario;
use Core\Plan\Simulation\Tally;
use Core\Units\Duration;

/**
 * How long a mean face may be so that everybody is painted with the wanted chance: found by playing the day with slower and quicker hands.
 */
final readonly class BearableFace
{
    private const ROUNDS = 9;

    /** Hands this much slower or quicker than they are, at most. */
    private const WIDEST = 8.0;

    private function __construct() {}

    /**
     * @param  callable(Scenario): Tally  $play
     * @return Duration|null null where not even hands that are eight times as quick would do
     */
    public static function of(Scenario $scenario, float $wantedChance, callable $play): ?Duration
    {
        $isKept = static fn (float $factor): bool => $play(self::scaled($scenario, $factor))->chanceOfAll() >= $wantedChance;
        $low = 1.0 / self::WIDEST;
        $high = self::WIDEST;
        if (! $isKept($low)) {
            return null;
        }
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $middle = sqrt($low * $high);
            [$low, $high] = $isKept($middle) ? [$middle, $high] : [$low, $middle];
        }

        return self::meanFace($scenario)->times($low);
    }

    /** As often as each design is asked for at first. */
    public static function meanFace(Scenario $scenario): Duration
    {
        $all = $time = 0.0;
        foreach ($scenario->menu as $at => $offer) {
            $all += $offer->weight;
            $time += $offer->weight * $scenario->meanFace($at)->milliseconds;
        }

        return Duration::ofMilliseconds((int) round($time / $all));
    }

    private static function scaled(Scenario $scenario, float $factor): Scenario
    {
        return $scenario->with(['artists' => array_map(
            static fn (Artist $artist): Artist => new Artist($artist->id, $artist->shifts, array_map(
                static fn (array $versions): array => array_map(static fn (FaceTime $time): FaceTime => $time->times($factor), $versions),
                $artist->times,
            )),
            $scenario->artists,
        )]);
    }
}
