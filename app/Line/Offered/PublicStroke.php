<?php

declare(strict_types=1);

namespace App\Line\Offered;

use App\Bench\Designs\StepShown;
use App\Http\Resources\Resource;
use App\Plan\FacePlans\StepInPlan;
use Core\Colour\Load;
use Core\Design\Colour;
use Core\Design\Place\Guide;
use Core\Design\Place\Shape;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Technique;

/**
 * What a picture is drawn from, for everybody: not with what, in what time or in what words it is painted.
 *
 * @phpstan-import-type PlacingGuide from StepShown
 * @phpstan-import-type ColourSwatch from StepShown
 */
final readonly class PublicStroke extends Resource
{
    /** By these words of a step's name the picture darkens or lights an edge; the others say how it is painted. */
    private const DRAWN_BY = '/\b(?:shad\w*|schatt\w*|highlight\w*|shine|gleam|glint|glanz\w*|licht\w*)/iu';

    /**
     * @param  string  $id  its place in the picture
     * @param  list<ColourSwatch>  $colours  without their names
     * @param  list<Zone>  $zones
     * @param  list<PlacingGuide>  $guides
     * @param  list<string>  $seen
     */
    public function __construct(
        public string $id,
        public string $name,
        public Technique $technique,
        public array $colours,
        public array $zones,
        public Side $side,
        public int $coats,
        public Load $load,
        public ?int $count,
        public ?Shape $shape,
        public int $sizePercent,
        public int $turnDegrees,
        public array $guides,
        public array $seen,
    ) {}

    public static function of(StepInPlan $planned, int $at): self
    {
        $step = $planned->step;
        preg_match_all(self::DRAWN_BY, $step->name, $words);

        return new self(
            id: (string) $at,
            name: implode(' ', $words[0]),
            technique: $step->technique,
            colours: array_map(static fn (Colour $colour): array => ['name' => '', 'hex' => $colour->hex], $step->colours),
            zones: $step->zones,
            side: $step->side,
            coats: $step->coats,
            load: $step->load,
            count: $step->count,
            shape: $step->mark->shape,
            sizePercent: $step->mark->sizePercent,
            turnDegrees: $step->mark->turnDegrees,
            guides: array_map(
                static fn (Guide $guide): array => ['by' => $guide->kind, 'value' => $guide->text(), 'words' => $guide->label()],
                $step->mark->guides,
            ),
            seen: $planned->seen,
        );
    }
}
