<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use App\Models\Plan\EventDay;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Keeps what is foreseen of a day whose line was just opened, after the tap was answered. */
final class KeepForecastOfDay implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    /** Behind all that somebody waits for: it takes seconds, and is asked for when the day is over. */
    private const QUEUE = 'forecasts';

    public int $tries = 3;

    public int $backoff = 5;

    public function __construct(private readonly string $teamId, private readonly string $dayId)
    {
        $this->onQueue(self::QUEUE);
    }

    public function uniqueId(): string
    {
        return $this->dayId;
    }

    public function handle(KeepForecast $keep): void
    {
        $day = EventDay::ofTeam($this->teamId)->find($this->dayId);
        $day === null ? null : $keep($day);
    }
}
