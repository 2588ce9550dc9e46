<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Database\Page;
use App\Models\Bench\Design;
use App\Models\Logbook\Face;
use App\Plan\FacePlans\StepInPlan;
use Core\Units\Duration;
use Core\Units\Instant;

/** A team's designs as tapes, by name. */
final readonly class DesignShelf
{
    /** @return list<ShelvedDesign> */
    public function __invoke(string $teamId, Page $page): array
    {
        $designs = $page->of(Design::ofTeam($teamId)->with('plan', 'photo'), 'name');

        /** @var array<string, int> $last */
        $last = Face::ofTeam($teamId)->whereIn('design_id', $designs->modelKeys())->groupBy('design_id')
            ->selectRaw('design_id, max(seated_ms) as last_ms')->pluck('last_ms', 'design_id')->all();

        return array_values($designs->map(
            fn (Design $design): ShelvedDesign => $this->tape($design, $last[$design->id] ?? null),
        )->all());
    }

    public function tape(Design $design, ?int $lastPaintedMs = null): ShelvedDesign
    {
        return new ShelvedDesign(
            id: $design->id,
            name: $design->name,
            placement: $design->placement,
            promise: $design->promise_ms === null ? null : Duration::ofMilliseconds($design->promise_ms),
            tags: $design->tags,
            still: $design->still_ms === null ? null : Duration::ofMilliseconds($design->still_ms),
            isGentle: $design->gentle,
            isArchived: $design->archived_at !== null,
            total: Duration::ofMilliseconds($design->plan->total_ms ?? 0),
            spans: $design->plan->content['spans'] ?? [],
            steps: StepInPlan::ofPlan($design->plan),
            lastPainted: $lastPaintedMs === null ? null : Instant::ofEpochMilliseconds($lastPaintedMs),
            photo: $design->photo?->toCore(),
        );
    }
}
