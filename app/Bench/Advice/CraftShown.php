<?php

declare(strict_types=1);

namespace App\Bench\Advice;

use App\Bench\Designs\DesignSheet;
use App\Http\Resources\Resource;
use Core\Colour\LinearRgb;
use Core\Colour\Sight;
use Core\Colour\Word;
use Core\Order\Check;
use Core\Order\Craft\Finding;
use Core\Order\PaintedSequence;
use Core\Order\SeenColour;

/**
 * What happens on the skin, and what the craft says of it. A film is wet until it is tacky, and tacky until it is dry: after the face
 * began.
 *
 * @phpstan-type FilmOnSkin array{stepId: string, laidMs: int, tackyMs: int, dryMs: int}
 *
 * @phpstan-import-type ColourSeen from DesignSheet
 */
final readonly class CraftShown extends Resource
{
    /**
     * @param  list<FindingShown>  $findings  the worst first
     * @param  list<FilmOnSkin>  $films  in painting order
     * @param  list<ColourSeen>  $colours  of the painted steps, in painting order and in the order of their colours
     */
    public function __construct(public array $findings, public array $films, public array $colours) {}

    /** @param  array<int, FixShown>  $fixes  by place of the finding, where it has one */
    public static function of(Check $check, array $fixes): self
    {
        $findings = $check->findings;

        return new self(
            array_map(
                static fn (Finding $finding, int $at): FindingShown => FindingShown::of($finding, $fixes[$at] ?? null),
                $findings,
                array_keys($findings),
            ),
            self::films($check->course),
            self::colours($check->course),
        );
    }

    /** @return list<FilmOnSkin> */
    private static function films(PaintedSequence $course): array
    {
        $films = [];
        foreach ($course->preparation->films as $at => $film) {
            if ($film !== null && ! $film->dryAfter()->isZero()) {
                $laid = $course->ends[$at];
                $films[] = [
                    'stepId' => $course->step($at)->id,
                    'laidMs' => $laid,
                    'tackyMs' => $laid + $film->tackyAfter()->milliseconds,
                    'dryMs' => $laid + $film->dryAfter()->milliseconds,
                ];
            }
        }

        return $films;
    }

    /** @return list<ColourSeen> */
    private static function colours(PaintedSequence $course): array
    {
        $seen = [];
        foreach ($course->sightings as $at => $sightings) {
            foreach ($sightings as $sighting) {
                $seen[] = self::colourSeen($course->step($at)->id, $sighting);
            }
        }

        return $seen;
    }

    /** @return ColourSeen how one colour of a step comes out */
    private static function colourSeen(string $stepId, SeenColour $sighting): array
    {
        $coats = array_map(static fn (LinearRgb $coat): string => $coat->hex(), $sighting->coats);

        return [
            'stepId' => $stepId,
            'meant' => $sighting->meant->hex(),
            'coats' => $coats,
            'seen' => $sighting->seen()->hex(),
            'word' => Word::of($sighting->seen()),
            'hasTurned' => Sight::hasTurned($sighting->seen(), $sighting->meant),
        ];
    }
}
