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
     * @param  list<LeverKind>  $already  pulled
     * @return list<self>
     */
    public static function all(
        Scenario $scenario,
        Duration $helperTakes,
        float $wantedChance,
        int $seed,
        array $already = [],
        int $runs = Defaults::LEVER_RUNS,
    ): array {
        $play = static fn (Scenario $changed): Tally => (new Simulation($changed, $seed))->run($runs);
        $pulled = [];
        foreach (LeverKind::cases() as $kind) {
            $changed = in_array($kind, $already, true) ? null : $kind->pulled($scenario, $helperTakes);
            if ($changed !== null) {
                $pulled[] = new self($kind, Outlook::of($changed, $wantedChance, $play));
            }
        }

        return $pulled;
    }
}
