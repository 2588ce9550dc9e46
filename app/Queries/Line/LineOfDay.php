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
use App\Jobs\LearnFromDay;
use App\Models\EventDay;
use App\Models\User;
use App\Queries\Plan\DaysOfTeam;
use Core\Line\CallTime;
use Core\Line\Defaults;
use Core\Line\Forecast;
use Core\Line\Line;
use Core\Line\StepRun;
use Core\Line\Story;
use Core\Line\Ticket;
use Core\Line\TicketStatus;
use Core\Units\Duration;
use Core\Units\Instant;

/** The line of a day with its forecast, as the chair and the names desk show it. */
final readonly class LineOfDay
{
    public function __construct(private StoryOfDay $storyOfDay, private DaysOfTeam $days, private DesignsOnDay $designs) {}

    /** @param  Story|null  $story  where it is told already */
    public function __invoke(EventDay $day, User $reader, ?Story $story = null): LineBoard
    {
        $story = ($story ?? ($this->storyOfDay)($day))->forgetting(Defaults::ENDED_SHOWN);
        $designs = ($this->designs)($day, array_values(array_unique(array_column($story->line->tickets, 'design'))));

        if (! $reader->role->paints()) {
            $designs = array_map(static fn (DesignOnDay $design): DesignOnDay => $design->withoutPrice(), $designs);
        }
        $learning = LearnFromDay::progress($day->id);

        return self::board($story, $this->days->summary($day), $designs, Instant::ofEpochMilliseconds(now()->getTimestampMs()), $learning === null ? null : new LearningShown(...$learning));
    }

    /** @param  array<string, DesignOnDay>  $designs  by id, at least those that are on the menu or asked for */
    public static function board(Story $story, DaySummary $day, array $designs, Instant $now, ?LearningShown $learning = null): LineBoard
    {
        $line = $story->line;
        $turnaround = Duration::ofMilliseconds($day->turnaroundMs);
        $closes = Instant::ofEpochMilliseconds($day->closesAt);
        /** @var int<1, max> $chairs somebody may sit on a chair that was taken off the day meanwhile */
        $chairs = max(1, $day->chairs, ...array_keys($line->chairs));
        $forecast = Forecast::of($line, array_map(static fn (DesignOnDay $design) => $design->planned, $designs), $turnaround, $chairs, $now);
        $menu = array_values(array_filter(array_column($designs, 'offer')));
        $promises = array_column($menu, 'promiseMs', 'designId');

        return new LineBoard(
            $day,
            $now->epochMilliseconds,
            $line->isOpen,
            1 + $line->highestNumber(),
            $menu,
            array_map(static fn (CallTime $call) => self::waiting($call, $designs, $closes), $forecast->calls),
            array_map(static fn (int $chair) => self::chair($line, $chair, $promises), range(1, $chairs)),
            self::ended($line, $designs),
            $line->finishedCount(),
            $forecast->nextNameCalledAt()->epochMilliseconds,
            $forecast->clearAt()->epochMilliseconds,
            $forecast->facesUntil($closes, self::meanOf($menu), $turnaround),
            $learning,
            array_values(array_map(static fn (DesignOnDay $design) => new AskedDesign($design->id, $design->name, $design->planId, $design->planned->milliseconds), $designs)),
            LineStory::of($story),
        );
    }

    /** @param  array<string, DesignOnDay>  $designs */
    private static function waiting(CallTime $call, array $designs, Instant $closes): WaitingChild
    {
        $ticket = $call->ticket;
        $design = $designs[$ticket->design];

        return new WaitingChild(
            $ticket->id,
            $ticket->number,
            $ticket->firstName,
            $ticket->design,
            $design->name,
            $design->planId,
            $design->planned->milliseconds,
            $ticket->status === TicketStatus::Called,
            $ticket->joinedAt->epochMilliseconds,
            $call->callAt->epochMilliseconds,
            $call->chair,
            $call->finishedAt->epochMilliseconds,
            ! $call->finishedAt->isAfter($closes),
        );
    }

    /** @param  array<string, int>  $promises milliseconds by design id */
    private static function chair(Line $line, int $chair, array $promises): ChairState
    {
        $ticket = $line->seatedOn($chair);

        return new ChairState($chair, $ticket === null ? null : self::seated($ticket, $promises), $line->undoable($chair));
    }

    /** @param  array<string, int>  $promises */
    private static function seated(Ticket $ticket, array $promises): ?SeatedChild
    {
        $face = $ticket->face;

        return $face === null ? null : new SeatedChild(
            $ticket->id,
            $ticket->number,
            $ticket->firstName,
            $ticket->design,
            $face->plan->design,
            $face->plan->id,
            $promises[$ticket->design] ?? null,
            $face->seatedAt->epochMilliseconds,
            $face->tappedAt->epochMilliseconds,
            $face->pausedInStep->milliseconds,
            $face->pausedAt?->epochMilliseconds,
            $face->paintedAt?->epochMilliseconds,
            array_map(static fn (StepRun $run) => new StepProgress(
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
            $ticket->id,
            $ticket->number,
            $ticket->firstName,
            $designs[$ticket->design]->name,
            $ticket->status,
            $ticket->chair,
            $ticket->face?->seatedAt->epochMilliseconds,
            (int) $ticket->endedAt?->epochMilliseconds,
            (string) $line->newestEventOf($ticket->id),
        ), array_slice($line->ended(), 0, Defaults::ENDED_SHOWN));
    }

    /** @param  list<MenuOffer>  $menu */
    private static function meanOf(array $menu): Duration
    {
        return Duration::ofMilliseconds(intdiv(array_sum(array_column($menu, 'plannedMs')), max(1, count($menu))));
    }
}
