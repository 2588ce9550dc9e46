<?php

declare(strict_types=1);

namespace App\Line\Told;

use App\Line\Offered\DesignOnDay;
use App\Line\Offered\OwnTime;
use App\Plan\Days\DayFacts;
use App\Plan\Days\DayRoster;
use Core\Line\Ahead\CallTime;
use Core\Line\Ahead\Forecast;
use Core\Line\Ahead\NextChild;
use Core\Line\Ahead\Outlook;
use Core\Line\Ahead\PlannedTimes;
use Core\Line\Ahead\Spread;
use Core\Line\Ahead\WhoTakesWhom;
use Core\Line\Ahead\Window;
use Core\Line\Ahead\Windows;
use Core\Line\Story;
use Core\Units\Duration;
use Core\Units\Instant;

/** The line of a day as it stands at a moment, with its forecast. */
final readonly class LineRead
{
    public Forecast $forecast;

    public Outlook $outlook;

    private PlannedTimes $planned;

    /**
     * @param  array<string, DesignOnDay>  $designs  by id, at least those that are on the menu or asked for
     * @param  array{int, int}|null  $learning  designs learned from and in all, while a worker is at it
     * @param  bool  $showsMoney  not to those whom it is no business of
     * @param  LineVersion|null  $version  what is told holds at least what that one names; null where nobody goes on from it
     * @param  string|null  $channel  where its reader hears of changes; null where nothing is said
     * @param  int  $lastNumber  that was given on this day, also to a child whose name was taken back
     * @param  int  $notThere  thousandths of the children who are not there when they are called
     */
    public function __construct(
        public Story $story,
        public DayFacts $day,
        public DayRoster $roster,
        public array $designs,
        public Instant $now,
        public ?array $learning = null,
        public bool $showsMoney = true,
        public ?LineVersion $version = null,
        public ?string $channel = null,
        private int $lastNumber = 0,
        int $notThere = Spread::NOT_THERE,
    ) {
        $this->planned = new PlannedTimes(
            array_map(static fn (DesignOnDay $design): Duration => $design->planned, $designs),
            array_map(static fn (DesignOnDay $design): array => array_column($design->own, 'planned', 'painterId'), $designs),
        );
        $this->outlook = new Outlook(
            line: $story->line,
            planned: $this->planned,
            roster: $roster->toCore(),
            turnaround: $day->turnaround,
            chairs: $this->chairs(),
            now: $now,
            notThere: $notThere,
        );
        $this->forecast = Forecast::of($this->outlook);
    }

    /** @return array<string, Window> by ticket: between when and when each waiting child is called */
    public function windows(): array
    {
        return Windows::of($this->outlook);
    }

    /** Whom that chair takes next. */
    public function nextFor(int $chair): ?NextChild
    {
        return WhoTakesWhom::next($this->outlook, $chair);
    }

    public function nextNumber(): int
    {
        return 1 + max($this->lastNumber, $this->story->line->highestNumber());
    }

    /** @return int<1, max> somebody may sit on a chair that was taken off the day meanwhile */
    public function chairs(): int
    {
        /** @var int<1, max> */
        return max(1, $this->day->chairs, ...array_keys($this->story->line->chairs));
    }

    public function painterAt(int $chair, Instant $at): ?string
    {
        return $this->roster->toCore()->painterAt($chair, $at, $this->story->line->seats);
    }

    /** By whose plan a waiting child is painted, where that is not the team's. */
    public function ownTime(CallTime $call): ?OwnTime
    {
        $painter = $this->painterAt($call->chair, $call->callAt);

        return array_column($this->designs[$call->ticket->design]->own, null, 'painterId')[$painter ?? ''] ?? null;
    }

    /** How many more faces of the menu are finished before closing. */
    public function moreFaces(): int
    {
        $offered = array_keys(array_filter($this->designs, static fn (DesignOnDay $design): bool => $design->offer !== null));

        return $this->forecast->facesUntil(
            $this->day->closes,
            fn (?string $painter): Duration => $this->planned->mean($offered, $painter),
            $this->day->turnaround,
        );
    }
}
