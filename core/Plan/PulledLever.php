<?php

declare(strict_types=1);

namespace Core\Plan;

use Core\Plan\Simulation\LeverKind;
use Core\Plan\Simulation\Scenario;
use Core\Plan\Simulation\Simulation;
use Core\Plan\Simulation\Tally;
use Core\Units\Duration;

/** A change to an event, played with the very children of the event as it is. */
final readonly class PulledLever
{
    private function __construct(public LeverKind $kind, public Outlook $outlook) {}

    /**
     * @param  Duration  $helperTakes  of each turnaround, where a helper takes names and money
     * @return self|null null where there is nothing to pull
     */
    public static function of(LeverKind $kind, Scenario $scenario, Duration $helperTakes, float $wantedChance, int $seed = 1): ?self
    {
        $changed = $kind->pulled($scenario, $helperTakes);

        return $changed === null ? null : new self($kind, Outlook::of(
            $changed,
            $wantedChance,
            static fn (Scenario $one): Tally => (new Simulation($one, $seed))->run(Defaults::LEVER_RUNS),
        ));
    }

    /** @return list<self> */
    public static function all(Scenario $scenario, Duration $helperTakes, float $wantedChance, int $seed = 1): array
    {
        $pulled = array_map(
            static fn (LeverKind $kind): ?self => self::of(
                kind: $kind,
                scenario: $scenario,
                helperTakes: $helperTakes,
                wantedChance: $wantedChance,
                seed: $seed,
            ),
            LeverKind::cases(),
        );

        return array_values(array_filter($pulled, is_object(...)));
    }
}
