<?php

declare(strict_types=1);

namespace App\Bench\Order;

use App\Account\Ways\PainterBench;
use App\Bench\Advice\FixOnBench;
use App\Logbook\Pace\PacesOfDesign;
use App\Models\Bench\Design;
use Closure;
use Core\Design\Design as CoreDesign;
use Core\Order\BestOrder;
use Core\Order\Craft\Fix;
use Core\Order\Proposal;
use Core\Order\Search\Outcome;
use Core\Timeline\StepTimes;
use Core\Timeline\Timeline;

/** Looks for the best order of a design's steps, and hands over each better one as it is found. */
final readonly class FindBestOrder
{
    public function __construct(private FixOnBench $fixOnBench, private PacesOfDesign $pacesOfDesign) {}

    /** @param  Closure(ProposedOrder): bool  $tell  answers whether anybody still listens */
    public function __invoke(PainterBench $bench, Design $design, float $seconds, Closure $tell): void
    {
        $content = $design->toCore();
        $times = $bench->stepTimes->knowing(($this->pacesOfDesign)($design->id, $bench->painterId));
        $search = BestOrder::of($content, $bench->circumstances($times));
        $watch = new WatchSearch(
            $seconds,
            fn (Outcome $soFar): bool => $tell($this->shown(
                bench: $bench,
                before: $content,
                proposal: $search->proposal($soFar),
                times: $times,
                isDone: false,
            )),
        );
        $tell($this->shown(bench: $bench, before: $content, proposal: $search->run($watch), times: $times, isDone: true));
    }

    private function shown(PainterBench $bench, CoreDesign $before, Proposal $proposal, StepTimes $times, bool $isDone): ProposedOrder
    {
        $best = $proposal->best;
        $needsWaits = $proposal->lawful !== null && $proposal->typedLawful?->isLongerThan($proposal->typed) === true;
        $timeline = static fn (CoreDesign $design): Timeline => Timeline::of($design->steps, $bench->changeovers, $times);

        return ProposedOrder::of(
            proposal: $proposal,
            isDone: $isDone,
            fix: $best === null ? null : ($this->fixOnBench)($bench, $before, Fix::to($best, 'Take this order'), $times),
            best: $best === null ? null : $timeline($best),
            lawful: $needsWaits ? $timeline($proposal->lawful) : null,
        );
    }
}
