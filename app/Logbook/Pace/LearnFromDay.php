<?php

declare(strict_types=1);

namespace App\Logbook\Pace;

use App\Models\Plan\EventDay;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Cache;

/** Learns from a day whose line was closed, after the tap that closed it was answered. A day waits in the queue once. */
final class LearnFromDay implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    private const KEPT_SECONDS = 600;

    public int $tries = 3;

    public int $backoff = 5;

    public function __construct(private readonly string $teamId, private readonly string $dayId) {}

    public function uniqueId(): string
    {
        return $this->dayId;
    }

    public function handle(LearnPaces $learn): void
    {
        $day = EventDay::ofTeam($this->teamId)->find($this->dayId);
        if ($day === null) {
            return;
        }
        try {
            $learn($day, fn (int $done, int $total) => Cache::put(self::key($this->dayId), [$done, $total], self::KEPT_SECONDS));
        } finally {
            Cache::forget(self::key($this->dayId));
        }
    }

    /** @return array{int, int}|null designs learned from and in all, while a worker is at it */
    public static function progress(string $dayId): ?array
    {
        $progress = Cache::get(self::key($dayId));

        return is_array($progress) && is_int($progress[0] ?? null) && is_int($progress[1] ?? null) ? [$progress[0], $progress[1]] : null;
    }

    private static function key(string $dayId): string
    {
        return "learning-from-{$dayId}";
    }
}
