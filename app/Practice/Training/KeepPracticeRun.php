<?php

declare(strict_types=1);

namespace App\Practice\Training;

use App\Logbook\Pace\LearnDesign;
use App\Models\Account\User;
use App\Models\Practice\PracticeRun;
use Core\Design\Place\Side;
use Core\Design\StepValues;
use Core\Units\Duration;
use Illuminate\Support\Facades\DB;

/** Keeps one repetition on the practice board, once; the pace of its design learns from it. */
final readonly class KeepPracticeRun
{
    public function __invoke(User $painter, string $id, PracticeTarget $target, Duration $spent, bool $isInterrupted): void
    {
        DB::transaction(function () use ($painter, $id, $target, $spent, $isInterrupted): void {
            $step = RunsOfPractice::step($target);
            PracticeRun::query()->firstOrCreate(['id' => $id], [
                'user_id' => $painter->id,
                'drill' => $target->drill,
                'side' => $target->side ?? $step->side ?? Side::Both,
                'design_id' => $target->design?->id,
                'way' => $step === null ? '' : StepValues::way($step),
                'spent_ms' => $spent->milliseconds,
                'at_ms' => now()->getTimestampMs(),
                'interrupted' => $isInterrupted,
            ]);
            $this->learn($painter, $target->design?->id);
        });
    }

    /** Takes a repetition back that went wrong. */
    public function forget(User $painter, string $id): void
    {
        DB::transaction(function () use ($painter, $id): void {
            $run = PracticeRun::query()->where('user_id', $painter->id)->findOrFail($id);
            $run->delete();
            $this->learn($painter, $run->design_id);
        });
    }

    private function learn(User $painter, ?string $designId): void
    {
        if ($designId !== null) {
            LearnDesign::dispatch($painter->team_id, $designId);
        }
    }
}
