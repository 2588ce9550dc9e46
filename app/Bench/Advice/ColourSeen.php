<?php

declare(strict_types=1);

namespace App\Bench\Advice;

use App\Http\Resources\Resource;
use Core\Colour\LinearRgb;
use Core\Colour\Sight;
use Core\Colour\Word;
use Core\Order\SeenColour;

/** How one colour of a step comes out. */
final readonly class ColourSeen extends Resource
{
    /**
     * @param  string  $meant  #rrggbb of the paint itself
     * @param  list<string>  $coats  #rrggbb after each coat;
     * @param  string  $seen  #rrggbb of what stays
     * @param  string  $word  what one would call that
     * @param  bool  $hasTurned  whether it ends up as another colour than the one meant
     */
    public function __construct(
        public string $stepId,
        public string $meant,
        public array $coats,
        public string $seen,
        public string $word,
        public bool $hasTurned,
    ) {}

    public static function of(string $stepId, SeenColour $sighting): self
    {
        $coats = array_map(static fn (LinearRgb $coat): string => $coat->hex(), $sighting->coats);

        return new self(
            stepId: $stepId,
            meant: $sighting->meant->hex(),
            coats: $coats,
            seen: $sighting->seen()->hex(),
            word: Word::of($sighting->seen()),
            hasTurned: Sight::hasTurned($sighting->seen(), $sighting->meant),
        );
    }
}
