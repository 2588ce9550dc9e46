<?php

declare(strict_types=1);

namespace App\Line\Forgetting;

use App\Models\Account\Team;
use App\Models\Plan\EventDay;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Forgets the first names of a day as many days after it has closed as the team keeps them. */
final class ForgetNamesOfDay implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    /** A line may be closed late. */
    private const LEAST_MS = 6 * 3_600_000;

    private const DAY_MS = 86_400_000;

    /** It is put off for as long as the day is. */
    public int $tries = 0;

    public int $maxExceptions = 3;

    /** @param  int  $days  that the team keeps them when this is asked for; another figure is another job */
    public function __construct(private readonly string $teamId, private readonly string $dayId, private readonly int $days) {}

    public function uniqueId(): string
    {
        return "{$this->dayId} {$this->days}";
    }

    public function handle(ForgetChildren $forgetChildren): void
    {
        $day = EventDay::ofTeam($this->teamId)->withTrashed()->find($this->dayId);
        $team = Team::query()->find($this->teamId);
        // Of another figure there is another job.
        if ($day === null || $team === null || $team->names_days !== $this->days) {
            return;
        }
        $left = $day->closes_ms + max(self::LEAST_MS, $this->days * self::DAY_MS) - now()->getTimestampMs();
        $left > 0 ? $this->release(intdiv($left, 1000) + 1) : $forgetChildren->names($day);
    }
}
