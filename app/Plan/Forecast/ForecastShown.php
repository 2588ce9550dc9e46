<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use App\Http\Resources\Resource;
use Core\Plan\GrossMinutes;
use Core\Plan\Simulation\Artist;
use Core\Plan\Simulation\LeverKind;
use Core\Plan\Simulation\Scenario;
use Core\Plan\Simulation\Tally;
use Core\Units\Duration;

/**
 * What may come of an event. Moments are milliseconds since 1970 in UTC; money is in the smallest unit of the currency.
 *
 * @phpstan-type LineLength array{at: int, half: int, nine: int}
 * @phpstan-type Stint array{from: int, until: int}
 * @phpstan-type ArtistsDay array{
 *     name: string,
 *     hasPace: bool,
 *     stints: list<Stint>,
 *     lastFaceEarlyAt: int,
 *     lastFaceAt: int,
 *     lastFaceLateAt: int,
 * }
 */
final readonly class ForecastShown extends Resource
{
    /**
     * @param  LeverKind|null  $lever  that was pulled, null for the event as it is planned
     * @param  int  $runs  days played
     * @param  float  $chanceOfAll  that everybody who got a name is painted by closing
     * @param  int|null  $latestNameAt  until then names can be taken; null where not even the first ones are painted in time
     * @param  int|null  $namesStopAt  as it was played, null for closing
     * @param  float  $tooLate  children who come after that, as a rule
     * @param  int  $facesLow  one day of ten has no more
     * @param  int  $facesHigh  nine of ten have no more
     * @param  float  $left  children who stand in the line and leave it, as a rule
     * @param  float  $balked  children who see the line and go on, likewise
     * @param  float  $look  of a face in the mean, 1 for all of its design
     * @param  list<LineLength>  $line
     * @param  list<ArtistsDay>  $artists
     * @param  list<float>  $byDesign  faces, in the order of the menu as it was played
     */
    public function __construct(
        public ?LeverKind $lever,
        public int $runs,
        public bool $isDone,
        public bool $isKept,
        public float $chanceOfAll,
        public int $opensAt,
        public ?int $latestNameAt,
        public ?int $namesStopAt,
        public float $tooLate,
        public float $faces,
        public int $facesLow,
        public int $facesHigh,
        public float $facesAnHour,
        public int $waitHalfMs,
        public int $waitEightMs,
        public int $waitNineMs,
        public float $left,
        public float $balked,
        public int $takings,
        public int $takingsLow,
        public int $takingsHigh,
        public int $idleMs,
        public int $overtimeMs,
        public int $lastFaceAt,
        public int $lastFaceLateAt,
        public float $look,
        public float $quickShare,
        public int $grossMs,
        public int $netMs,
        public int $meanFaceMs,
        public array $line,
        public array $artists,
        public array $byDesign,
    ) {}

    public static function of(ForecastRead $read): self
    {
        $tally = $read->outlook->tally;
        $scenario = $read->outlook->scenario;
        $gross = self::gross($scenario);

        return new self(
            lever: $read->lever,
            runs: $tally->count(),
            isDone: $read->isDone,
            isKept: $read->outlook->isKept(),
            chanceOfAll: round($tally->chanceOfAll(), 3),
            opensAt: $read->opens()->epochMilliseconds,
            latestNameAt: $read->at($read->outlook->latestName)?->epochMilliseconds,
            namesStopAt: $read->at($scenario->rules->stopNamesAt)?->epochMilliseconds,
            tooLate: round($read->outlook->tooLate(), 1),
            faces: round($tally->meanFaces(), 1),
            facesLow: $tally->faces(0.1),
            facesHigh: $tally->faces(0.9),
            facesAnHour: round($read->outlook->facesAnHour(), 1),
            waitHalfMs: $tally->wait(0.5)->milliseconds,
            waitEightMs: $tally->wait(0.8)->milliseconds,
            waitNineMs: $tally->wait(0.9)->milliseconds,
            left: round($tally->lost('left'), 1),
            balked: round($tally->lost('balked'), 1),
            takings: (int) round($tally->meanTakings()),
            takingsLow: $tally->takings(0.1),
            takingsHigh: $tally->takings(0.9),
            idleMs: $tally->idle()->milliseconds,
            overtimeMs: $tally->overtime()->milliseconds,
            lastFaceAt: $read->opens()->plus($tally->end(0.5))->epochMilliseconds,
            lastFaceLateAt: $read->opens()->plus($tally->end(0.9))->epochMilliseconds,
            look: round($tally->look(), 3),
            quickShare: round($tally->quickShare(), 3),
            grossMs: $gross->gross->milliseconds ?? 0,
            netMs: $gross?->net($scenario->turnaround)->milliseconds ?? 0,
            meanFaceMs: self::meanFace($scenario, $tally)->milliseconds,
            line: self::line($read),
            artists: array_map(static fn (int $at): array => self::artist($read, $at), array_keys($scenario->artists)),
            byDesign: array_map(static fn (float $faces): float => round($faces, 1), $tally->byOffer()),
        );
    }

    private static function gross(Scenario $scenario): ?GrossMinutes
    {
        $hours = array_sum(array_map(static fn (Artist $artist): int => $artist->hours()->milliseconds, $scenario->artists));
        $each = Duration::ofMilliseconds(intdiv($hours, count($scenario->artists)));

        return GrossMinutes::of(
            count($scenario->artists),
            $scenario->open,
            $scenario->open->minus($each),
            (int) round($scenario->arrivals->children),
        );
    }

    /** In their usual versions, as often as each is chosen. */
    private static function meanFace(Scenario $scenario, Tally $tally): Duration
    {
        $all = 0.0;
        foreach ($tally->byOffer() as $offer => $faces) {
            $all += $faces * $scenario->meanFace($offer)->milliseconds;
        }

        return Duration::ofMilliseconds((int) round($all / max(1e-9, array_sum($tally->byOffer()))));
    }

    /** @return list<LineLength> */
    private static function line(ForecastRead $read): array
    {
        $opens = $read->opens()->epochMilliseconds;
        $half = $read->outlook->tally->line(0.5);

        return array_map(
            static fn (int $at, int $some, int $most): array => [
                'at' => $opens + $at * Tally::LINE_EVERY, 'half' => $some, 'nine' => $most,
            ],
            array_keys($half),
            $half,
            $read->outlook->tally->line(0.9),
        );
    }

    /** @return ArtistsDay when an artist paints, and when the last face is done: on half of the days by then, on nine of ten by then */
    private static function artist(ForecastRead $read, int $at): array
    {
        $artist = $read->outlook->scenario->artists[$at];
        $opens = $read->opens();
        $end = static fn (float $share): int => $opens->plus($read->outlook->tally->endOf($at, $share))->epochMilliseconds;

        return [
            'name' => $read->outline->nameOf($artist->id),
            'hasPace' => ! in_array($artist->id, $read->outline->assumed, true),
            'stints' => array_map(
                static fn (array $shift): array => [
                    'from' => $opens->epochMilliseconds + $shift[0], 'until' => $opens->epochMilliseconds + $shift[1],
                ],
                $artist->shifts,
            ),
            'lastFaceEarlyAt' => $end(0.1),
            'lastFaceAt' => $end(0.5),
            'lastFaceLateAt' => $end(0.9),
        ];
    }
}
