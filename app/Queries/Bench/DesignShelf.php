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
            $design->id,
            $design->name,
            $design->placement,
            $design->promise_ms,
            $design->tags,
            $design->still_ms,
            $design->gentle,
            $design->archived_at !== null,
            $design->plan->total_ms ?? 0,
            $content === null ? [] : self::spans($content),
            ($this->plannedSteps)($design->plan),
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
