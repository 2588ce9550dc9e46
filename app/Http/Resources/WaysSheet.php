<?php

declare(strict_types=1);

namespace App\Http\Resources;

/** How a painter works, and how paint dries today. */
final readonly class WaysSheet extends Resource
{
    /**
     * @param  float  $dries  times as fast as in the reference air
     * @param  bool  $isTouched  whether a touch test of today says so, not the weather
     * @param  int  $waxDryMs  a usual brush load of wax paint
     * @param  int  $glycerineDryMs  a usual brush load of glycerine paint
     * @param  list<QuestionShown>  $questions
     */
    public function __construct(
        public float $celsius,
        public float $humidity,
        public float $wind,
        public float $dries,
        public bool $isTouched,
        public int $waxDryMs,
        public int $glycerineDryMs,
        public array $questions,
    ) {}
}
