<?php

declare(strict_types=1);

namespace App\Line\Forgetting;

use App\Models\Plan\EventDay;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Forgets the words about the children of a day, some hours after it has closed. */
final class ForgetNotesOfDay implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    /** A line may be closed late. */
    private const AFTER_MS = 6 * 3_600_000;

    /** It is put off for as long as the day is. */
    public int $tries = 0;

    public int $maxExceptions = 3;

    public function __construct(private readonly string $teamId, private readonly string $dayId) {}

    public function uniqueId(): string
    {
        return $this->dayId;
    }

    public function handle(ForgetChildren $forgetChildren): void
    {
        $day = EventDay::ofTeam($this->teamId)->withTrashed()->find($this->dayId);
        if ($day === null) {
            return;
        }
        $left = $day->closes_ms + self::AFTER_MS - now()->getTimestampMs();
        $left > 0 ? $this->release(intdiv($left, 1000) + 1) : $forgetChildren->notes($day);
    }
}
