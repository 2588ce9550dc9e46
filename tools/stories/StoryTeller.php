<?php

declare(strict_types=1);

namespace Tools\stories;

use App\Line\Offered\DesignOnDay;
use App\Line\Offered\Offer;
use App\Line\Offered\OwnTime;
use App\Line\Told\LineBoard;
use App\Line\Told\LineRead;
use App\Plan\Days\DayFacts;
use App\Plan\Days\DayRoster;
use Core\Design\Place\Placement;
use Core\Line\Ahead\Window;
use Core\Line\Defaults;
use Core\Line\EventValues;
use Core\Line\FacePlan;
use Core\Line\JudgedEvent;
use Core\Line\LineEvent;
use Core\Line\NeedsWholeDay;
use Core\Line\PlannedStep;
use Core\Line\Seating\Shift;
use Core\Line\Story;
use Core\Line\StoryValues;
use Core\Units\Duration;
use Core\Units\Instant;
use Random\Randomizer;

/**
 * Days as two devices may live them, one of them out of reach now and then, so that its taps arrive late; now and then a tap
 * arrives twice. With each day, what its line comes to after every arrival, by the server's fold.
 */
final readonly class StoryTeller
{
    /** Another share than is thought before any were counted. */
    private const NOT_THERE = 90;

    private const CHAIRS = 2;

    /** @var non-empty-array<string, FacePlan> by design */
    private array $plans;

    /** @var array<string, DesignOnDay> */
    private array $designs;

    private DayFacts $day;

    private DayRoster $roster;

    public function __construct(private Randomizer $chance)
    {
        $this->plans = [
            'wave' => self::plan('wave', [30, 20]),
            'seal' => self::plan('seal', [60, 45, 30, 20]),
            'dots' => self::plan('dots', [15]),
        ];
        $this->designs = self::designs($this->plans);
        $this->day = new DayFacts(
            id: 'day',
            name: 'Fair',
            place: '',
            timezone: 'UTC',
            opens: Instant::ofEpochMilliseconds(0),
            closes: Instant::ofEpochMilliseconds(3_600_000),
            chairs: self::CHAIRS,
            turnaround: Duration::ofSeconds(60),
        );
        // Ines all day; Tobi from the second minute on, nobody from the sixth, Ada from the eighth.
        $shift = static fn (int $chair, ?string $painter, int $minute): Shift => new Shift(
            $chair,
            $painter,
            Instant::ofEpochMilliseconds($minute * 60_000),
        );
        $this->roster = new DayRoster(
            ['ines' => 'Ines', 'tobi' => 'Tobi', 'ada' => 'Ada'],
            [$shift(1, 'ines', 0), $shift(2, 'tobi', 2), $shift(2, null, 6), $shift(2, 'ada', 8)],
            false,
        );
    }

    /**
     * One of them is on no menu.
     *
     * @param  array<string, FacePlan>  $plans  by design
     * @return array<string, DesignOnDay>
     */
    private static function designs(array $plans): array
    {
        $designs = [];
        foreach ($plans as $id => $plan) {
            $offer = $id === 'dots' ? null : new Offer(Duration::ofSeconds(90), 500, null);
            $own = $id === 'dots' ? [] : [new OwnTime('ines', "own-{$id}", $plan->total()->times(2))];
            $designs[$id] = new DesignOnDay(
                id: $id,
                name: $plan->design,
                placement: Placement::Cheek,
                planId: $plan->id,
                planned: $plan->total(),
                offer: $offer,
                own: $own,
                versions: '',
            );
        }

        return $designs;
    }

    /** What all stories have in common: a board with an empty line. */
    public function blank(): LineBoard
    {
        return $this->board(Story::of([]), 0);
    }

    /** @return list<array<string, mixed>> */
    public function plans(): array
    {
        return array_values(array_map(StoryValues::plan(...), $this->plans));
    }

    /**
     * @return array{
     *     arrivals: list<array<string, mixed>>, now: list<int>, boards: list<string>, windows: list<string>,
     *     asides: list<string>,
     *     kept: list<array{arrivals: int, story: mixed, goesOn: bool}>
     * } taps as they arrive, and for the line after each the moment and digests; stories that were kept after so many of them,
     *   and whether the rest can be told on top
     */
    public function tell(int $presses): array
    {
        $arrivals = $this->arrivals($presses);
        $told = ['arrivals' => [], 'now' => [], 'boards' => [], 'windows' => [], 'asides' => []];
        $story = Story::of([]);
        foreach ($arrivals as $event) {
            $story = $story->with([$event]);
            $now = ($story->line->newest?->at->epochMilliseconds ?? 0) + $this->chance->getInt(0, 30_000);
            $told['arrivals'][] = EventValues::of(new JudgedEvent($event));
            $told['now'][] = $now;
            $told['boards'][] = self::digest($this->shown($story, $now));
            // They cost more than all the rest: now and then.
            $told['windows'][] = count($told['now']) % 15 === 0 ? self::digest($this->windows($story, $now)) : '';
            $told['asides'][] = self::digest($story->line->setAside);
        }

        return [
            ...$told,
            'kept' => array_map(fn (): array => $this->kept($arrivals), range(0, intdiv(count($arrivals), 40))),
        ];
    }

    /** @return array<string, mixed> what a screen shows, in full */
    public function shown(Story $story, int $now): array
    {
        return array_diff_key(LineBoard::of($this->read($story, $now))->jsonSerialize(), ['designs' => true, 'story' => true]);
    }

    /** @return array<string, list<int>> by ticket: between when and when each is called, and about when */
    private function windows(Story $story, int $now): array
    {
        return array_map(static fn (Window $window): array => [
            $window->from->epochMilliseconds,
            $window->about->epochMilliseconds,
            $window->until->epochMilliseconds,
        ], $this->read($story, $now)->windows());
    }

    /** @return list<LineEvent> */
    private function arrivals(int $presses): array
    {
        $offered = new OfferedPresses($this->chance, $this->plans, self::CHAIRS);
        $arrived = [];
        $unsent = [[], []];
        $server = Story::of([]);
        $seen = [$server, $server];
        $isAway = false;
        for ($press = 0, $at = 1000; $press < $presses; $press++) {
            $at += $this->chance->getInt(0, 3) === 0 ? 0 : $this->chance->getInt(200, 25_000);
            $device = $this->chance->getInt(0, 1);
            $isAway = $this->chance->getInt(0, 11) === 0 ? ! $isAway : $isAway;
            if ($device === 0 || ! $isAway) {
                $arrived = [...$arrived, ...$unsent[$device]];
                $server = $seen[$device] = $server->with($unsent[$device]);
                $unsent[$device] = [];
            }
            $tapped = $offered->press($seen[$device]->line, $at);
            $seen[$device] = $seen[$device]->with($tapped);
            $unsent[$device] = [...$unsent[$device], ...$tapped];
        }
        $arrived = [...$arrived, ...$unsent[0], ...$unsent[1]];
        for ($repeat = intdiv(count($arrived), 10); $repeat > 0; $repeat--) {
            array_splice($arrived, $this->chance->getInt(1, count($arrived)), 0, [$arrived[$this->chance->getInt(0, count($arrived) - 1)]]);
        }

        return $arrived;
    }

    /**
     * @param  list<LineEvent>  $arrivals
     * @return array{arrivals: int, story: mixed, goesOn: bool}
     */
    private function kept(array $arrivals): array
    {
        $split = max($this->chance->getInt(1, count($arrivals)), count($arrivals) - 60);
        $kept = Story::of(array_slice($arrivals, 0, $split))->forgetting(Defaults::ENDED_SHOWN);
        try {
            $kept->with(array_slice($arrivals, $split));
            $goesOn = true;
        } catch (NeedsWholeDay) {
            $goesOn = false;
        }

        return ['arrivals' => $split, 'story' => $this->board($kept, 0)->story, 'goesOn' => $goesOn];
    }

    private function board(Story $story, int $now): LineBoard
    {
        return LineBoard::of($this->read($story, $now));
    }

    private function read(Story $story, int $now): LineRead
    {
        return new LineRead(
            story: $story->forgetting(Defaults::ENDED_SHOWN),
            day: $this->day,
            roster: $this->roster,
            designs: $this->designs,
            now: Instant::ofEpochMilliseconds($now),
            notThere: self::NOT_THERE,
        );
    }

    private static function digest(mixed $value): string
    {
        return hash(
            'crc32b',
            json_encode($value === [] ? new \stdClass : $value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
        );
    }

    /** @param  list<int>  $seconds */
    private static function plan(string $id, array $seconds): FacePlan
    {
        $steps = array_map(
            static fn (int $planned, int $at): PlannedStep => new PlannedStep(
                "{$id}{$at}",
                "{$id} ".($at + 1),
                Duration::ofSeconds($planned),
                "plan-{$id}",
            ),
            $seconds,
            array_keys($seconds),
        );

        return new FacePlan("plan-{$id}", ucfirst($id), $steps);
    }
}
