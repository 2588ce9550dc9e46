<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\Line\TellScreens;
use App\Actions\Plan\PlanDesign;
use App\Models\EventDay;
use App\Models\MenuItem;
use App\Queries\Account\BenchOfPainter;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;

/** Plans the named rungs of a design that came onto a menu with many others; the screens of its days hear of it. */
final class RankDesign implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public int $backoff = 5;

    public function __construct(private readonly string $teamId, private readonly string $designId) {}

    public function uniqueId(): string
    {
        return $this->designId;
    }

    public function handle(PlanDesign $plan, BenchOfPainter $bench, TellScreens $tell): void
    {
        DB::transaction(fn () => $plan->rungs($bench->ofTeam($this->teamId), $this->teamId, $this->designId));
        $days = EventDay::ofTeam($this->teamId)->where('closes_ms', '>', now()->getTimestampMs())->whereIn(
            'id',
            MenuItem::query()->where('design_id', $this->designId)->select('event_day_id'),
        );
        foreach ($days->get() as $day) {
            $tell($day, isTapped: false);
        }
    }
}
