<?php

declare(strict_types=1);

namespace App\Plan\Played;

use App\Plan\Forecast\ForecastRead;
use Core\Plan\Simulation\Lost;
use Core\Plan\Simulation\PlayedFace;

/** One of the days that may come of an event. */
final readonly class DayPlayed
{
    /**
     * @param  list<PlayedFace>  $faces
     * @param  list<Lost>  $lost
     */
    public function __construct(public ForecastRead $forecast, public int $run, public array $faces, public array $lost) {}

    public function designName(int $offer): string
    {
        $id = $this->forecast->outlook->scenario->menu[$offer]->id;
        foreach ($this->forecast->outline->menu as $offered) {
            if ($offered->offer->id === $id) {
                return $offered->name;
            }
        }

        return '';
    }
}
