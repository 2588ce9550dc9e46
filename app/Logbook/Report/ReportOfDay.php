<?php

declare(strict_types=1);

namespace App\Logbook\Report;

use App\Line\Offered\DesignOnDay;
use App\Line\Offered\DesignsOnDay;
use App\Line\Taps\StoryOfDay;
use App\Models\Account\User;
use App\Models\Logbook\Face;
use App\Models\Logbook\FaceStep;
use App\Models\Plan\EventDay;
use App\Plan\Days\DayFacts;
use App\Plan\Days\DayRoster;
use App\Plan\Days\RosterOfDay;
use App\Plan\Packing\StockOfDay;
use Core\Line\Ahead\KeptPromise;
use Core\Line\Ahead\Outlook;
use Core\Line\Ahead\PlannedTimes;
use Core\Line\JudgedEvent;
use Core\Line\Line;
use Core\Line\LineEvent;
use Core\Line\StepStatus;
use Core\Line\Ticket;
use Core\Line\TicketStatus;
use Core\Plan\Report\DayReport;
use Core\Plan\Report\FaceTimes;
use Core\Plan\TurnaroundPart;
use Core\Units\Duration;

final readonly class ReportOfDay
{
    /** Of so many children it is looked whether they were called when it was said. */
    private const PROMISES_LOOKED_AT = 60;

    public function __construct(
        private StoryOfDay $storyOfDay,
        private DesignsOnDay $designs,
        private RosterOfDay $rosterOfDay,
        private PractiseAfterDay $practiseAfterDay,
        private StockOfDay $stockOfDay,
    ) {}

    public function __invoke(EventDay $day): ReportRead
    {
        $story = $this->storyOfDay->fromTheBeginning($day);
        $roster = ($this->rosterOfDay)($day);
        $tickets = $story->line->tickets;
        $designs = ($this->designs)($day, array_values(array_unique(array_column($tickets, 'design'))));
        $rows = Face::ofTeam($day->team_id)->with('steps')->where('event_day_id', $day->id)->orderBy('seated_ms')->get();
        // Of those too who are in the team no more.
        /** @var array<string, string> $painters */
        $painters = User::ofTeam($day->team_id)->withTrashed()->whereIn('id', $rows->pluck('painter_id'))->pluck('name', 'id')->all();
        $faces = [];
        foreach ($rows as $row) {
            $ticket = $tickets[$row->ticket_id] ?? null;
            if ($ticket !== null) {
                $faces[] = self::face($row, $ticket, $designs[$row->design_id] ?? null, $painters);
            }
        }
        $facts = DayFacts::of($day);
        $gone = array_filter($tickets, static fn (Ticket $ticket): bool => in_array(
            $ticket->status,
            [TicketStatus::Left, TicketStatus::NoShow, TicketStatus::Removed],
            true,
        ));

        return new ReportRead(
            day: $facts,
            report: new DayReport($faces, self::staffed($roster, $facts), $facts->turnaround),
            promises: $this->promises($story->events, $designs, $roster, $facts),
            lost: array_count_values(array_map(static fn (Ticket $ticket): string => $ticket->status->value, $gone)),
            practise: ($this->practiseAfterDay)($day, $roster->painters),
            stock: ($this->stockOfDay)($day),
        );
    }

    /** That somebody was meant to sit at the chairs, as far as the day has come. */
    private static function staffed(DayRoster $roster, DayFacts $day): Duration
    {
        $until = now()->getTimestampMs() < $day->closes->epochMilliseconds
            ? max(0, now()->getTimestampMs() - $day->opens->epochMilliseconds)
            : $day->closes->since($day->opens)->milliseconds;
        $staffed = 0;
        foreach ($roster->toCore()->stints($day->chairs, $day->opens, $day->closes) as $stints) {
            foreach ($stints as [$from, $to]) {
                $staffed += max(0, min($to, $until) - $from);
            }
        }

        return Duration::ofMilliseconds($staffed);
    }

    /** @param  array<string, string>  $painters  names by id */
    private static function face(Face $row, Ticket $ticket, ?DesignOnDay $design, array $painters): FaceTimes
    {
        $done = $row->steps->where('status', StepStatus::Done->value);
        $own = array_sum($done->map(static fn (FaceStep $step): int => min($step->own_ms, $step->spent_ms))->all());
        $face = $ticket->face;
        assert($face !== null);

        return new FaceTimes(
            design: $row->design_name,
            painter: $row->painter_id === null ? null : $painters[$row->painter_id] ?? null,
            isFinished: $row->outcome === TicketStatus::Finished->value,
            greeted: $face->begunAt->since($face->seatedAt)->milliseconds,
            painted: $own,
            tools: max(0, $row->painted_ms - $own),
            planned: $row->planned_ms,
            promised: $design?->offer?->promise->milliseconds,
            after: self::after($ticket),
            over: array_values($done->map(static fn (FaceStep $step): array => [$step->name, $step->spent_ms - $step->planned_ms])->all()),
            cents: $ticket->paid?->cents,
        );
    }

    /** @return array<string, int> milliseconds by TurnaroundPart, and 'rest' */
    private static function after(Ticket $ticket): array
    {
        $at = $ticket->face?->paintedAt;
        if ($at === null || $ticket->endedAt === null) {
            return [];
        }
        $after = [];
        foreach ($ticket->face->parts as $done) {
            $part = TurnaroundPart::of($done->part)->value;
            $after[$part] = ($after[$part] ?? 0) + $done->at->since($at)->milliseconds;
            $at = $done->at;
        }

        return [...$after, 'rest' => $ticket->endedAt->since($at)->milliseconds];
    }

    /**
     * @param  list<JudgedEvent>  $events
     * @param  array<string, DesignOnDay>  $designs
     * @return list<KeptPromise>
     */
    private function promises(array $events, array $designs, DayRoster $roster, DayFacts $day): array
    {
        $planned = new PlannedTimes(
            array_map(static fn (DesignOnDay $design): Duration => $design->planned, $designs),
            array_map(static fn (DesignOnDay $design): array => array_column($design->own, 'planned', 'painterId'), $designs),
        );
        $core = $roster->toCore();

        return KeptPromise::ofDay(
            array_map(static fn (JudgedEvent $judged): LineEvent => $judged->event, $events),
            static fn (Line $line, LineEvent $event): Outlook => new Outlook(
                line: $line,
                planned: $planned,
                roster: $core,
                turnaround: $day->turnaround,
                chairs: max(1, $day->chairs),
                now: $event->at,
            ),
            self::PROMISES_LOOKED_AT,
        );
    }
}
