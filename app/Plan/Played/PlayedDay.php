<?php

declare(strict_types=1);

namespace App\Plan\Played;

use App\Http\Resources\Resource;
use App\Plan\Forecast\ForecastRead;
use Core\Plan\Simulation\Lost;
use Core\Plan\Simulation\PlayedFace;

/**
 * One day as it may go. Times are milliseconds since the opening.
 *
 * @phpstan-type ChildLost array{child: int, arrived: int, how: string}
 * @phpstan-type FacePlayed array{
 *     child: int,
 *     arrived: int,
 *     artist: int,
 *     design: string,
 *     isQuick: bool,
 *     seated: int,
 *     painted: int,
 *     free: int,
 * }
 */
final readonly class PlayedDay extends Resource
{
    /**
     * @param  list<FacePlayed>  $faces  in the order in which they sat down
     * @param  list<ChildLost>  $lost
     * @param  list<string>  $artists
     */
    public function __construct(
        public int $run,
        public int $opensAt,
        public int $closesAt,
        public ?int $namesStopAt,
        public array $faces,
        public array $lost,
        public array $artists,
    ) {}

    /**
     * @param  list<PlayedFace>  $faces
     * @param  list<Lost>  $lost
     */
    public static function of(ForecastRead $forecast, int $run, array $faces, array $lost): self
    {
        $scenario = $forecast->outlook->scenario;
        $opens = $forecast->opens();

        return new self(
            run: $run,
            opensAt: $opens->epochMilliseconds,
            closesAt: $opens->plus($scenario->open)->epochMilliseconds,
            namesStopAt: $forecast->at($scenario->rules->stopNamesAt)?->epochMilliseconds,
            faces: array_map(static fn (PlayedFace $face): array => self::face($face, $forecast), $faces),
            lost: array_map(static fn (Lost $lost): array => [
                'child' => $lost->child, 'arrived' => $lost->arrived, 'how' => $lost->how,
            ], $lost),
            artists: array_map(
                static fn ($artist): string => $forecast->outline->nameOf($artist->id),
                $scenario->artists,
            ),
        );
    }

    /** @return FacePlayed a face of a day that was played. Times are milliseconds since the opening */
    private static function face(PlayedFace $face, ForecastRead $forecast): array
    {
        return [
            'child' => $face->child,
            'arrived' => $face->arrived,
            'artist' => $face->artist,
            'design' => self::designName($forecast, $face->offer),
            'isQuick' => $face->version === 1,
            'seated' => $face->seated,
            'painted' => $face->painted,
            'free' => $face->free,
        ];
    }

    private static function designName(ForecastRead $forecast, int $offer): string
    {
        $id = $forecast->outlook->scenario->menu[$offer]->id;
        foreach ($forecast->outline->menu as $offered) {
            if ($offered->offer->id === $id) {
                return $offered->name;
            }
        }

        return '';
    }
}
