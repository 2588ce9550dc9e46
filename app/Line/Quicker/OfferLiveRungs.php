<?php

declare(strict_types=1);

namespace App\Line\Quicker;

use App\Account\Ways\BenchOfPainter;
use App\Bench\Order\WatchSearch;
use App\Line\Taps\StoryOfDay;
use App\Logbook\Pace\PacesOfDesign;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Bench\FacePlan;
use App\Models\Plan\EventDay;
use App\Plan\Days\RosterOfDay;
use App\Plan\FacePlans\Plan;
use App\Plan\FacePlans\PlansOfDay;
use App\Plan\FacePlans\WritePlan;
use Core\Ladder\Ladder;
use Core\Ladder\Rung;
use Core\Ladder\TooManyChoices;
use Core\Line\Ahead\Quicker;
use Core\Line\Face;
use Core\Line\TapSetAside;
use Core\Line\Ticket;
use Core\Order\Circumstances;
use Core\Order\HalfPainted;
use Core\Units\Duration;
use Core\Units\Instant;

/**
 * Works out what a face in the chair can still become, from what is painted on it, and keeps a plan for each way to go on.
 *
 * @phpstan-import-type LiveRung from LiveLadder
 */
final readonly class OfferLiveRungs
{
    private const SECONDS = 2.0;

    public function __construct(
        private StoryOfDay $storyOfDay,
        private RosterOfDay $rosterOfDay,
        private BenchOfPainter $benchOfPainter,
        private PacesOfDesign $pacesOfDesign,
        private WritePlan $writePlan,
        private PlansOfDay $plansOfDay,
    ) {}

    /**
     * @return list<LiveRung>  the quickest first
     *
     * @throws TapSetAside when that child sits in no chair, or nothing is left to paint
     */
    public function __invoke(EventDay $day, string $ticketId): array
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
            fn (Rung $rung): ?array => $this->offered(
                ($this->writePlan)($design->id, $rung->design, $circumstances),
                $rung,
                $face,
                $now,
            ),
            $rungs,
        ), is_array(...));
        usort($offered, static fn (array $one, array $other): int => $one['leftMs'] <=> $other['leftMs']);

        return Quicker::few($offered);
    }

    /** Of whoever began the face, as its plan is: one reckoning for the face that is under the hand. */
    private function circumstances(EventDay $day, Design $design, Ticket $ticket): Circumstances
    {
        $painter = User::ofTeam($day->team_id)->find(($this->rosterOfDay)($day)->toCore()->painterOf($ticket));
        $bench = $painter === null ? $this->benchOfPainter->ofTeam($day->team_id) : ($this->benchOfPainter)($painter);

        return $bench->circumstances($bench->stepTimes->knowing(($this->pacesOfDesign)($design->id, $painter?->id)));
    }

    /** @return LiveRung|null null where it is not quicker */
    private function offered(FacePlan $plan, Rung $rung, Face $face, Instant $now): ?array
    {
        $quicker = Quicker::by($plan->toCore(), $face, $now);

        return $quicker === null ? null : [
            'leftMs' => $quicker->left->milliseconds,
            'share' => round($rung->version->share(), 4),
            'changes' => $rung->version->changes(),
            'plan' => Plan::of($this->plansOfDay->plan($plan)),
        ];
    }

    private static function begun(Face $face, Instant $now): HalfPainted
    {
        return new HalfPainted(array_map(static fn (Duration $ago): int => $ago->milliseconds, $face->doneAgo($now)));
    }
}
