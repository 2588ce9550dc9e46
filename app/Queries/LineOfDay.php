<?php

declare(strict_types=1);

namespace App\Queries;

use App\Http\Resources\ChairState;
use App\Http\Resources\EndedChild;
use App\Http\Resources\LineBoard;
use App\Http\Resources\MenuOffer;
use App\Http\Resources\SeatedChild;
use App\Http\Resources\StepProgress;
use App\Http\Resources\WaitingChild;
use App\Models\ChairEvent;
use App\Models\Design;
use App\Models\EventDay;
use App\Models\MenuItem;
use Core\Line\CallTime;
use Core\Line\Forecast;
use Core\Line\Line;
use Core\Line\StepRun;
use Core\Line\Ticket;
use Core\Line\TicketStatus;
use Core\Units\Duration;
use Core\Units\Instant;
use Illuminate\Database\Eloquent\Collection;

/** The line of a day with its forecast, as the chair and the names desk show it. */
final readonly class LineOfDay
{
    private const ENDED_SHOWN = 16;

    /** More than a browser sends at once, so that it can tell which of its taps under way are in this line already. */
    private const HEARD_TOLD = 100;

    public function __construct(private FoldedLine $foldedLine, private DaysOfTeam $days) {}

    /** @param  Line|null  $line where it is folded already */
    public function __invoke(EventDay $day, ?Line $line = null): LineBoard
    {
        $line ??= ($this->foldedLine)($day);
        $designs = $this->designs($day, $line);
        $now = Instant::ofEpochMilliseconds(now()->getTimestampMs());
        $turnaround = Duration::ofMilliseconds($day->turnaround_ms);
        $closes = Instant::ofEpochMilliseconds($day->closes_ms);
        $planned = array_map(static fn (Design $design) => Duration::ofMilliseconds($design->plan->total_ms ?? 0), $designs);
        $forecast = Forecast::of($line, $planned, $turnaround, $day->chairs, $now);
        $menu = self::menu($day, $designs);
        $promises = array_column($menu, 'promiseMs', 'designId');

        return new LineBoard(
            $this->days->summary($day),
            $now->epochMilliseconds,
            $line->isOpen,
            1 + max(0, 0, ...array_column($line->tickets, 'number')),
            $menu,
            array_map(static fn (CallTime $call) => self::waiting($call, $designs, $closes), $forecast->calls),
            array_map(static fn (int $chair) => self::chair($line, $chair, $promises), range(1, $day->chairs)),
            self::ended($line, $designs),
            count(array_filter($line->tickets, static fn (Ticket $ticket) => $ticket->status === TicketStatus::Finished)),
            $forecast->nextNameCalledAt()->epochMilliseconds,
            $forecast->clearAt()->epochMilliseconds,
            $forecast->facesUntil($closes, self::meanOf($menu), $turnaround),
            self::heard($day),
        );
    }

    /** @return list<string> */
    private static function heard(EventDay $day): array
    {
        /** @var list<string> $ids */
        $ids = ChairEvent::query()->where('event_day_id', $day->id)->orderByDesc('seq')->limit(self::HEARD_TOLD)->pluck('id')->all();

        return $ids;
    }

    /** @return array<string, Design> by id: those on the menu and those asked for, deleted ones too */
    private function designs(EventDay $day, Line $line): array
    {
        $onMenu = $day->menuItems->map(static fn (MenuItem $item): string => $item->design_id)->all();
        $asked = array_map(static fn (Ticket $ticket): string => $ticket->design, $line->tickets);
        /** @var Collection<int, Design> $designs */
        $designs = Design::query()->withTrashed()->with('plan:id,total_ms')
            ->whereIn('id', array_values(array_unique([...$onMenu, ...array_values($asked)])))->get();

        /** @var array<string, Design> $byId */
        $byId = $designs->keyBy('id')->all();

        return $byId;
    }

    /**
     * @param  array<string, Design>  $designs
     * @return list<MenuOffer>
     */
    private static function menu(EventDay $day, array $designs): array
    {
        return array_values($day->menuItems->map(static fn (MenuItem $item): MenuOffer => new MenuOffer(
            $item->design_id,
            $designs[$item->design_id]->name,
            $designs[$item->design_id]->placement,
            $item->promise_ms,
            $item->price_cents,
            $designs[$item->design_id]->plan_id,
            $designs[$item->design_id]->plan->total_ms ?? 0,
        ))->all());
    }

    /** @param  array<string, Design>  $designs */
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
            $design->plan_id,
            $design->plan->total_ms ?? 0,
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
     * @param  array<string, Design>  $designs
     * @return list<EndedChild> newest first
     */
    private static function ended(Line $line, array $designs): array
    {
        $ended = array_filter($line->tickets, static fn (Ticket $ticket): bool => $ticket->endedAt !== null);
        usort($ended, static fn (Ticket $a, Ticket $b) => [$b->endedAt, $b->number] <=> [$a->endedAt, $a->number]);

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
        ), array_slice($ended, 0, self::ENDED_SHOWN));
    }

    /** @param  list<MenuOffer>  $menu */
    private static function meanOf(array $menu): Duration
    {
        return Duration::ofMilliseconds(intdiv(array_sum(array_column($menu, 'plannedMs')), max(1, count($menu))));
    }
}
