<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use App\Http\Resources\Bench\DesignTape;
use App\Http\Resources\Bench\TapeSpan;
use App\Models\Design;
use App\Models\FacePlan;
use App\Queries\Page;
use App\Queries\Plan\PlannedSteps;
use Core\Timeline\SpanKind;

/**
 * A team's designs as tapes, by name.
 *
 * @phpstan-import-type PlanContent from FacePlan
 */
final readonly class DesignShelf
{
    public function __construct(private PlannedSteps $plannedSteps) {}

    /** @return list<DesignTape> */
    public function __invoke(string $teamId, Page $page): array
    {
        $designs = $page->of(Design::ofTeam($teamId)->with('plan'), 'name');

        return array_values($designs->map(fn (Design $design): DesignTape => $this->tape($design))->all());
    }

    public function tape(Design $design): DesignTape
    {
        $content = $design->plan?->content;

        return new DesignTape(
            id: $design->id,
            name: $design->name,
            placement: $design->placement,
            promiseMs: $design->promise_ms,
            tags: $design->tags,
            stillMs: $design->still_ms,
            gentle: $design->gentle,
            archived: $design->archived_at !== null,
            totalMs: $design->plan->total_ms ?? 0,
            spans: $content === null ? [] : self::spans($content),
            steps: ($this->plannedSteps)($design->plan),
        );
    }

    /**
     * @param  PlanContent  $content
     * @return list<TapeSpan>
     */
    public static function spans(array $content): array
    {
        return array_map(static fn (array $span): TapeSpan => new TapeSpan(
            SpanKind::from($span['kind']),
            $span['stepId'],
            $span['startMs'],
            $span['lengthMs'],
        ), $content['spans']);
    }
}
