<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use App\Models\Plan\EventDay;
use App\Models\Plan\KeptForecast;
use Core\Plan\Defaults;
use Core\Plan\Outlook;
use Core\Plan\Simulation\InvalidScenario;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Keeps what is foreseen of a day, once, when its line was opened and the tap was answered: what comes of it is held against that. */
final class KeepForecast implements ShouldBeUniqueUntilProcessing, ShouldQueue
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

    public function handle(TermsOfDay $termsOfDay, OutlineOfDay $outlineOfDay, OutlookOfDay $outlookOfDay): void
    {
        $day = EventDay::ofTeam($this->teamId)->find($this->dayId);
        if ($day === null || KeptForecast::query()->whereKey($day->id)->exists()) {
            return;
        }
        try {
            $outlook = $outlookOfDay->played($day, $outlineOfDay($day, $termsOfDay($day)));
        } catch (InvalidScenario) {
            // A day without a menu or without anybody to paint has nothing to foresee.
            return;
        }
        $tally = $outlook->tally;
        KeptForecast::query()->insertOrIgnore([
            'event_day_id' => $day->id,
            'faces' => $tally->meanFaces(),
            'faces_low' => $tally->faces(1 - Defaults::WANTED_CHANCE),
            'faces_high' => $tally->faces(Defaults::WANTED_CHANCE),
            'wait_half_ms' => $tally->wait(0.5)->milliseconds,
            'wait_nine_ms' => $tally->wait(0.9)->milliseconds,
            'mean_face_ms' => self::meanFaceMs($outlook),
            'created_at' => now(),
            'updated_at' => now(),
        ]);
    }

    /** As the children choose, in the middle of the artists. */
    private static function meanFaceMs(Outlook $outlook): int
    {
        $faces = $outlook->tally->byOffer();
        $ms = 0.0;
        foreach ($faces as $at => $count) {
            $means = array_map(static fn ($artist): int => $artist->times[$at][0]->mean()->milliseconds, $outlook->scenario->artists);
            $ms += $count * array_sum($means) / count($means);
        }

        return (int) round($ms / max(1e-9, array_sum($faces)));
    }
}
