<?php

declare(strict_types=1);

namespace App\Plan\FacePlans;

use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Times a team's designs by its kit and how its painters work now, after the change was answered. */
final class PlanTeamAnew implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    /** Of whatever is planned anew: it waits behind what the desk has to do. */
    public const QUEUE = 'plans';

    public int $tries = 3;

    public int $backoff = 5;

    /** Seconds; many designs take a while, and less than after what a job is taken for lost. */
    public int $timeout = 110;

    /** @param  bool  $isForLater  whether it waits until what holds for today holds no more */
    public function __construct(private readonly string $teamId, private readonly bool $isForLater = false)
    {
        $this->onQueue(self::QUEUE);
    }

    public function uniqueId(): string
    {
        return $this->isForLater ? "{$this->teamId} later" : $this->teamId;
    }

    public function handle(DesignPlans $designPlans): void
    {
        $designPlans->planTeam($this->teamId);
    }
}
