<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use App\Models\Plan\EventDay;
use App\Models\Plan\KeptForecast;
use Core\Plan\Defaults;
use Core\Plan\Outlook;
use Core\Plan\Simulation\InvalidScenario;

/** Keeps what is foreseen of a day, once: what comes of it is held against that. */
final readonly class KeepForecast
{
    public function __construct(private TermsOfDay $termsOfDay, private OutlineOfDay $outlineOfDay, private OutlookOfDay $outlookOfDay) {}

    public function __invoke(EventDay $day): void
    {
        if (KeptForecast::query()->whereKey($day->id)->exists()) {
            return;
        }
        try {
            $outlook = $this->outlookOfDay->played($day, ($this->outlineOfDay)($day, ($this->termsOfDay)($day)));
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
