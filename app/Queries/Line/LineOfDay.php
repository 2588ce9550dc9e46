<?php

declare(strict_types=1);

namespace App\Queries\Line;

use App\Http\Resources\Line\AskedDesign;
use App\Http\Resources\Line\ChairState;
use App\Http\Resources\Line\EndedChild;
use App\Http\Resources\Line\LearningShown;
use App\Http\Resources\Line\LineBoard;
use App\Http\Resources\Line\LineStory;
use App\Http\Resources\Line\SeatedChild;
use App\Http\Resources\Line\StepProgress;
use App\Http\Resources\Line\WaitingChild;
use App\Http\Resources\Plan\DaySummary;
use App\Http\Resources\Plan\MenuOffer;
use App\Http\Resources\Plan\RosterShown;
use App\Jobs\LearnFromDay;
use App\Models\EventDay;
use App\Models\User;
use App\Queries\Plan\DayRoster;
use App\Queries\Plan\DaysOfTeam;
use App\Queries\Plan\RosterOfDay;
use Core\Line\CallTime;
use Core\Line\Defaults;
use Core\Line\Forecast;
use Core\Line\Line;
use Core\Line\PlannedTimes;
use Core\Line\StepRun;
use Core\Line\Story;
use Core\Line\Ticket;
use Core\Line\TicketStatus;
use Core\Units\Duration;
use Core\Units\Instant;

/** The line of a day with its forecast, as the chair and the names desk show it. */
final readonly class LineOfDay
{
    public function __construct(
        private StoryOfDay $storyOfDay,
        private DaysOfTeam $days,
        private DesignsOnDay $designs,
        private RosterOfDay $rosterOfDay,
    ) {}

    /** @param  Story|null  $story  where it is told already */
    public function __invoke(EventDay $day, User $reader, ?Story $story = null): LineBoard
    {
        $story = ($story ?? ($this->storyOfDay)($day))->forgetting(Defaults::ENDED_SHOWN);
        $designs = ($this->designs)($day, array_values(array_unique(array_column($story->line->tickets, 'design'))));

        if (! $reader->role->paints()) {
            $designs = array_map(static fn (DesignOnDay $design): DesignOnDay => $design->withoutPrice(), $designs);
        }
        $learning = LearnFromDay::progress($day->id);

        return self::board(
            story: $story,
            day: $this->days->summary($day),
            roster: ($this->rosterOfDay)($day),
            designs: $designs,
            now: Instant::ofEpochMilliseconds(now()->getTimestampMs()),
            learning: $learning === null ? null : new LearningShown(...$learning),
        );
    }

    /** @param  array<string, DesignOnDay>  $designs  by id, at least those that are on the menu or asked for */
    public static function board(
        Story $story,
        DaySummary $day,
        DayRoster $roster,
        array $designs,
        Instant $now,
        ?LearningShown $learning = null,
    ): LineBoard {
        $line = $story->line;
        $turnaround = Duration::ofMilliseconds($day->turnaroundMs);
        $closes = Instant::ofEpochMilliseconds($day->closesAt);
        /** @var int<1, max> $chairs somebody may sit on a chair that was taken off the day meanwhile */
        $chairs = max(1, $day->chairs, ...array_keys($line->chairs));
        $meant = $roster->toCore();
        $planned = self::plannedTimes($designs);
        $forecast = Forecast::of(line: $line, planned: $planned, roster: $meant, turnaround: $turnaround, chairs: $chairs, now: $now);
        $menu = array_values(array_filter(array_column($designs, 'offer')));
        $offered = array_column($menu, 'designId');
        $sitting = static fn (CallTime $call): ?string => $meant->painterAt($call->chair, $call->callAt, $line->seats);

        return new LineBoard(
            day: $day,
            roster: RosterShown::of($roster),
            now: $now->epochMilliseconds,
            isOpen: $line->isOpen,
            nextNumber: 1 + $line->highestNumber(),
            menu: $menu,
            waiting: array_map(
                static fn (CallTime $call) => self::waiting($call, $designs[$call->ticket->design], $sitting($call), $closes),
                $forecast->calls,
            ),
            chairs: array_map(
                static fn (int $chair) => self::chair($line, $chair, $menu, $meant->painterAt($chair, $now, $line->seats)),
                range(1, $chairs),
            ),
            ended: self::ended($line, $designs),
            finishedCount: $line->finishedCount(),
            nextNameCalledAt: $forecast->nextNameCalledAt()->epochMilliseconds,
            clearAt: $forecast->clearAt()->epochMilliseconds,
            moreFaces: $forecast->facesUntil($closes, static fn (?string $painter) => $planned->mean($offered, $painter), $turnaround),
            learning: $learning,
            designs: array_values(array_map(self::asked(...), $designs)),
            story: LineStory::of($story),
        );
    }

    private static function asked(DesignOnDay $design): AskedDesign
    {
        return new AskedDesign(
            id: $design->id,
            name: $design->name,
            planId: $design->planId,
            plannedMs: $design->planned->milliseconds,
            own: $design->own,
        );
    }

    /** @param  array<string, DesignOnDay>  $designs */
    private static function plannedTimes(array $designs): PlannedTimes
    {
        return new PlannedTimes(
            array_map(static fn (DesignOnDay $design) => $design->planned, $designs),
            array_map(
                static fn (DesignOnDay $design) => array_map(
                    Duration::ofMilliseconds(...),
                    array_column($design->own, 'plannedMs', 'painterId'),
                ),
                $designs,
            ),
        );
    }

    /** @param  string|null  $painter  who sits at the chair to which the child is called */
    private static function waiting(CallTime $call, DesignOnDay $design, ?string $painter, Instant $closes): WaitingChild
    {
        $ticket = $call->ticket;
        $own = array_column($design->own, null, 'painterId')[$painter ?? ''] ?? null;

        return new WaitingChild(
            id: $ticket->id,
            number: $ticket->number,
            firstName: $ticket->firstName,
            designId: $ticket->design,
            design: $design->name,
            planId: $own->planId ?? $design->planId,
            plannedMs: $own->plannedMs ?? $design->planned->milliseconds,
            called: $ticket->status === TicketStatus::Called,
            joinedAt: $ticket->joinedAt->epochMilliseconds,
            callAt: $call->callAt->epochMilliseconds,
            callChair: $call->chair,
            finishedAt: $call->finishedAt->epochMilliseconds,
            beforeClosing: ! $call->finishedAt->isAfter($closes),
        );
    }

    /** @param  list<MenuOffer>  $menu */
    private static function chair(Line $line, int $chair, array $menu, ?string $painter): ChairState
    {
        $ticket = $line->seatedOn($chair);
        $promises = array_column($menu, 'promiseMs', 'designId');

        return new ChairState(
            chair: $chair,
            painterId: $painter,
            awayUntil: $line->seats->at($chair)?->awayUntil?->epochMilliseconds,
            child: $ticket === null ? null : self::seated($ticket, $promises),
            undoable: $line->undoable($chair),
        );
    }

    /** @param  array<string, int>  $promises */
    private static function seated(Ticket $ticket, array $promises): ?SeatedChild
    {
        $face = $ticket->face;

        return $face === null ? null : new SeatedChild(
            id: $ticket->id,
            number: $ticket->number,
            firstName: $ticket->firstName,
            designId: $ticket->design,
            design: $face->plan->design,
            planId: $face->plan->id,
            promiseMs: $promises[$ticket->design] ?? null,
            seatedAt: $face->seatedAt->epochMilliseconds,
            tappedAt: $face->tappedAt->epochMilliseconds,
            pausedInStepMs: $face->pausedInStep->milliseconds,
            pausedAt: $face->pausedAt?->epochMilliseconds,
            paintedAt: $face->paintedAt?->epochMilliseconds,
            steps: array_map(static fn (StepRun $run) => new StepProgress(
                $run->step->id,
                $run->status,
                $run->step->planned->milliseconds,
                $run->spent->milliseconds,
            ), $face->runs),
        );
    }

    /**
     * @param  array<string, DesignOnDay>  $designs
     * @return list<EndedChild> newest first
     */
    private static function ended(Line $line, array $designs): array
    {
        return array_map(static fn (Ticket $ticket): EndedChild => new EndedChild(
            id: $ticket->id,
            number: $ticket->number,
            firstName: $ticket->firstName,
            design: $designs[$ticket->design]->name,
            outcome: $ticket->status,
            chair: $ticket->chair,
            seatedAt: $ticket->face?->seatedAt->epochMilliseconds,
            endedAt: (int) $ticket->endedAt?->epochMilliseconds,
            lastEventId: (string) $line->newestEventOf($ticket->id),
        ), array_slice($line->ended(), 0, Defaults::ENDED_SHOWN));
    }
}
