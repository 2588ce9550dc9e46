<?php

declare(strict_types=1);

namespace Core\Plan;

use Core\Plan\Menu\Candidate;
use Core\Plan\Menu\MenuOffer;
use Core\Plan\Simulation\Scenario;
use Core\Units\ClockTime;
use Core\Units\Duration;

/** An event as it is planned: how it is played through, and what is wanted of it. */
final readonly class EventPlan
{
    /**
     * @param  Duration  $helperTakes  of each turnaround, where a helper takes names and money
     * @param  float  $wantedChance  of painting everybody
     * @param  int  $seed  of chance: the same children come for the same seed
     * @param  int  $runs  days to play
     * @param  list<string>  $assumed  what was not given, in words
     * @param  list<MenuOffer>  $offers  its menu, as it stands on the board
     * @param  list<Candidate>  $candidates  for a better one, in the same order
     * @param  int  $designs  that the better one is to have
     */
    public function __construct(
        public Scenario $scenario,
        public ClockTime $opens,
        public Duration $helperTakes,
        public float $wantedChance = Defaults::WANTED_CHANCE,
        public int $seed = 1,
        public int $runs = Defaults::RUNS,
        public array $assumed = [],
        public array $offers = [],
        public array $candidates = [],
        public int $designs = 1,
    ) {}

    /**
     * The time of day so long after the opening.
     *
     * @param  Duration|null  $earlier  by how much it opens earlier than planned
     */
    public function clock(Duration $after, ?Duration $earlier = null): string
    {
        $minutes = $this->opens->minutes - intdiv($earlier->milliseconds ?? 0, 60_000) + intdiv($after->milliseconds, 60_000);
        $minutes = ($minutes + 1440) % 1440;

        return ClockTime::of(intdiv($minutes, 60), $minutes % 60)->format();
    }
}
