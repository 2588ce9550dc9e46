<?php

declare(strict_types=1);

namespace App\Logbook\Pace;

use App\Models\Bench\Design;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;

/** Learns from what was practised of a design, after the key that kept it was answered. */
final class LearnDesign implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public int $backoff = 5;

    public function __construct(private readonly string $teamId, private readonly string $designId) {}

    public function uniqueId(): string
    {
        return $this->designId;
    }

    public function handle(LearnPaces $learn): void
    {
        DB::transaction(function () use ($learn): void {
            $design = Design::ofTeam($this->teamId)->with(['steps', 'plan'])->lockForUpdate()->find($this->designId);
            if ($design !== null) {
                $learn->ofDesign($design);
            }
        });
    }
}
