<?php

declare(strict_types=1);

namespace App\Actions\Line;

use App\Actions\Bench\WatchSearch;
use App\Actions\Plan\WritePlan;
use App\Http\Resources\Line\LiveLadder;
use App\Http\Resources\Line\LiveRung;
use App\Models\Design;
use App\Models\EventDay;
use App\Models\User;
use App\Queries\Account\BenchOfPainter;
use App\Queries\Line\StoryOfDay;
use App\Queries\Logbook\PacesOfDesign;
use App\Queries\Plan\PlansOfDay;
use App\Queries\Plan\RosterOfDay;
use Core\Ladder\Ladder;
use Core\Ladder\Rung;
use Core\Ladder\TooManyChoices;
use Core\Line\Face;
use Core\Line\StepStatus;
use Core\Line\TapSetAside;
use Core\Line\Ticket;
use Core\Order\Circumstances;
use Core\Order\HalfPainted;
use Core\Units\Instant;

/** Works out what a face in the chair can still become, from what is painted on it, and keeps a plan for each way to go on. */
final readonly class OfferLiveRungs
{
    /** Nobody chooses among more with a child in the chair. */
    private const MOST_OFFERED = 6;

    private const SECONDS = 2.0;

    /** What saves less is not worth a press. */
    private const WORTH_SECONDS = 3.0;

    public function __construct(
        private StoryOfDay $storyOfDay,
        private RosterOfDay $rosterOfDay,
        private BenchOfPainter $benchOfPainter,
        private PacesOfDesign $pacesOfDesign,
        private WritePlan $writePlan,
        private PlansOfDay $plansOfDay,
    ) {}

    /** @throws TapSetAside when that child sits in no chair, or nothing is left to paint */
    public function __invoke(EventDay $day, string $ticketId): LiveLadder
    {
        $ticket = ($this->storyOfDay)($day)->line->tickets[$ticketId] ?? null;
        $face = $ticket?->face;
        if ($ticket === null || $face === null || $face->currentIndex() === null) {
            throw TapSetAside::because('Nothing is left to paint on that face.');
        }
        $design = Design::ofTeam($day->team_id)->withTrashed()->with('steps')->findOrFail($ticket->design);
        $circumstances = $this->circumstances($day, $design, $ticket);
        $now = Instant::ofEpochMilliseconds(now()->getTimestampMs());
        try {
            $rungs = Ladder::of($design->toCore(), $circumstances, self::begun($face, $now), WatchSearch::silent(self::SECONDS))->rungs;
        } catch (TooManyChoices) {
            $rungs = [];
        }
        $offered = array_filter(array_map(
            fn (Rung $rung): ?LiveRung => $this->offered(
                designId: $design->id,
                rung: $rung,
                circumstances: $circumstances,
                face: $face,
                now: $now,
            ),
            $rungs,
        ));
        usort($offered, static fn (LiveRung $one, LiveRung $other): int => $one->leftMs <=> $other->leftMs);

        return new LiveLadder(self::spread($offered));
    }

    /** Of whoever began the face, as its plan is: one reckoning for the face that is under the hand. */
    private function circumstances(EventDay $day, Design $design, Ticket $ticket): Circumstances
    {
        $painter = User::ofTeam($day->team_id)->find(($this->rosterOfDay)($day)->toCore()->painterOf($ticket));
        $bench = $painter === null ? $this->benchOfPainter->ofTeam($day->team_id) : ($this->benchOfPainter)($painter);

        return $bench->circumstances($bench->stepTimes->knowing(($this->pacesOfDesign)($design->id, $painter?->id)));
    }

    /** As the chair will show it once it is pressed; null where that is not quicker than what is planned, or paints nothing any more. */
    private function offered(string $designId, Rung $rung, Circumstances $circumstances, Face $face, Instant $now): ?LiveRung
    {
        $plan = ($this->writePlan)($designId, $rung->design, $circumstances);
        try {
            $trimmed = $face->trimmedTo($plan->toCore());
        } catch (TapSetAside) {
            return null;
        }
        // What was spent on the step under the hand counts for it, and for no other one.
        $left = $trimmed->currentStep() === $face->currentStep() ? $trimmed->leftToPaint($now) : $trimmed->toCome();

        return $face->leftToPaint($now)->minus($left)->seconds() < self::WORTH_SECONDS
            ? null
            : new LiveRung(
                $left->milliseconds,
                round($rung->version->share(), 4),
                $rung->version->changes(),
                $this->plansOfDay->plan($plan),
            );
    }

    private static function begun(Face $face, Instant $now): HalfPainted
    {
        $nowMs = $now->epochMilliseconds;
        $done = [];
        $end = $face->seatedAt->epochMilliseconds;
        foreach ($face->runs as $run) {
            $end += $run->spent->milliseconds;
            if ($run->status === StepStatus::Done) {
                $done[$run->step->id] = max(0, $nowMs - $end);
            }
        }

        return new HalfPainted($done);
    }

    /**
     * The first, the last, and some between them.
     *
     * @param  list<LiveRung>  $rungs
     * @return list<LiveRung>
     */
    private static function spread(array $rungs): array
    {
        $count = count($rungs);
        $few = min($count, self::MOST_OFFERED);
        $spread = [];
        for ($at = 0; $at < $few; $at++) {
            $spread[] = $rungs[$few === 1 ? 0 : intdiv($at * ($count - 1), $few - 1)];
        }

        return $spread;
    }
}
