<?php

declare(strict_types=1);

namespace App\Line\Texts;

use App\Models\Plan\EventDay;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Queue\Middleware\WithoutOverlapping;

/** Texts the parents of a day, after the line has moved. */
final class SendTextsOfDay implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    private const AGAIN_SECONDS = 2;

    public int $tries = 20;

    public function __construct(private readonly string $teamId, private readonly string $dayId) {}

    public function uniqueId(): string
    {
        return $this->dayId;
    }

    /** @return list<object> one at a time, so that nobody is texted twice */
    public function middleware(): array
    {
        return [(new WithoutOverlapping($this->dayId))->releaseAfter(self::AGAIN_SECONDS)->expireAfter(60)];
    }

    public function handle(ParentTexts $parentTexts): void
    {
        $day = EventDay::ofTeam($this->teamId)->find($this->dayId);
        if ($day !== null) {
            $parentTexts->send($day);
        }
    }
}
