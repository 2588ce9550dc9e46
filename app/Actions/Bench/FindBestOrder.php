<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Http\Resources\Bench\MovedStep;
use App\Http\Resources\Bench\ProposedOrder;
use App\Http\Resources\Bench\TapeSpan;
use App\Models\Design;
use App\Queries\Account\PainterBench;
use App\Queries\Bench\DesignOnBench;
use App\Queries\Bench\FixOnBench;
use App\Queries\Logbook\PacesOfDesign;
use Closure;
use Core\Design\Design as CoreDesign;
use Core\Design\Technique;
use Core\Order\BestOrder;
use Core\Order\Constraint;
use Core\Order\Fix;
use Core\Order\Move;
use Core\Order\Proposal;
use Core\Order\Search\Outcome;
use Core\Timeline\Span;
use Core\Timeline\SpanKind;
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
        $fix = $proposal->best === null ? null : ($this->fixOnBench)($bench, $before, Fix::to($proposal->best, 'Take this order'), $times);

        return new ProposedOrder(
            isDone: $isDone,
            isProven: $proposal->outcome->isProven,
            gapPercent: round(100 * $proposal->outcome->gap(), 1),
            looked: $proposal->outcome->labels,
            lawfulMs: $proposal->typedLawful?->milliseconds,
            totalMs: $proposal->makespan()?->milliseconds,
            savedMs: $proposal->saved()->milliseconds,
            fix: $fix,
            spans: $proposal->best === null ? [] : DesignOnBench::spans(Timeline::of($proposal->best->steps, $bench->changeovers, $times)),
            moves: array_map(
                static fn (Move $move): MovedStep => new MovedStep($move->step, $move->from + 1, $move->to + 1, $move->why),
                $proposal->moves,
            ),
            clash: [
                ...array_map(static fn (Constraint $constraint): string => $constraint->why, $proposal->clash),
                ...$proposal->clashingGroups,
            ],
            lawfulSpans: self::lawfulSpans($bench, $proposal, $times),
        );
    }

    /** @return list<TapeSpan> waits as drying, for no step of the design stands for them */
    private static function lawfulSpans(PainterBench $bench, Proposal $proposal, StepTimes $times): array
    {
        if ($proposal->lawful === null || $proposal->typedLawful?->isLongerThan($proposal->typed) !== true) {
            return [];
        }

        return array_map(static fn (Span $span): TapeSpan => new TapeSpan(
            $span->step->technique === Technique::Wait ? SpanKind::Drying : $span->kind, $span->step->id,
            $span->start->milliseconds, $span->length->milliseconds,
        ), Timeline::of($proposal->lawful->steps, $bench->changeovers, $times)->spans);
    }
}
