<?php

declare(strict_types=1);

namespace App\Plan\FacePlans;

use App\Models\Bench\Design;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Times a design's plans by each painter's own hands, after the save was answered. Until then they paint at the team's pace. */
final class PlanDesignForPainters implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public int $backoff = 5;

    public function __construct(private readonly string $teamId, private readonly string $designId)
    {
        $this->onQueue(PlanTeamAnew::QUEUE);
    }

    public function uniqueId(): string
    {
        return $this->designId;
    }

    public function handle(DesignPlans $designPlans): void
    {
        $design = Design::ofTeam($this->teamId)->find($this->designId);
        $design === null ? null : $designPlans->planForPainters($design);
    }
}
