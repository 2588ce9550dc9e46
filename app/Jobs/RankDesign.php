<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\Line\TellScreens;
use App\Actions\Plan\WriteRungs;
use App\Models\EventDay;
use App\Models\MenuItem;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Plans the named rungs of a design that stands on a menu; the screens of its days hear of it. */
final class RankDesign implements ShouldBeUniqueUntilProcessing, ShouldQueue
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

    public function handle(WriteRungs $write, TellScreens $tell): void
    {
        if (! $write($this->teamId, $this->designId)) {
            self::dispatch($this->teamId, $this->designId);

            return;
        }
        $days = EventDay::ofTeam($this->teamId)->where('closes_ms', '>', now()->getTimestampMs())->whereIn(
            'id',
            MenuItem::query()->where('design_id', $this->designId)->select('event_day_id'),
        );
        foreach ($days->get() as $day) {
            $tell($day, isTapped: false);
        }
    }
}
