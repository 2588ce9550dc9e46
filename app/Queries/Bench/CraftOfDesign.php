<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use App\Http\Resources\Bench\ColourSeen;
use App\Http\Resources\Bench\CraftShown;
use App\Http\Resources\Bench\EvidenceShown;
use App\Http\Resources\Bench\FilmOnSkin;
use App\Http\Resources\Bench\FindingShown;
use App\Queries\Account\PainterBench;
use Core\Colour\LinearRgb;
use Core\Colour\Sight;
use Core\Colour\Word;
use Core\Design\Design;
use Core\Order\Catalogue;
use Core\Order\Check;
use Core\Order\Constraints;
use Core\Order\Course;
use Core\Order\Evidence;
use Core\Order\Finding;
use Core\Order\Sighting;
use Core\Timeline\StepTimes;

/** What happens on the skin when a design is painted in its order, and what the craft says of it. */
final readonly class CraftOfDesign
{
    public function __construct(private FixOnBench $fixOnBench) {}

    public function __invoke(PainterBench $bench, Design $design, StepTimes $times): CraftShown
    {
        $check = Check::of($design, $bench->circumstances($times));

        return new CraftShown(
            array_map(fn (Finding $finding): FindingShown => $this->finding($bench, $design, $finding, $times), $check->findings),
            self::films($check->course),
            self::colours($check->course),
        );
    }

    private function finding(PainterBench $bench, Design $design, Finding $finding, StepTimes $times): FindingShown
    {
        $rule = Catalogue::rule($finding->rule);
        $titles = [
            Constraints::PIN => 'Your pin', Constraints::TYPED_DRYING => 'Typed drying', Constraints::TYPED_WAIT => 'Typed wait',
            Constraints::ACT => 'What goes with what', Constraints::PICTURE => 'What lies over what',
        ];

        return new FindingShown(
            rule: $finding->rule,
            title: $rule?->card()->title ?? $titles[$finding->rule] ?? '',
            severity: $finding->severity,
            school: $rule?->card()->school?->label() ?? '',
            steps: $finding->steps,
            says: $finding->says,
            fix: $finding->fix === null ? null : ($this->fixOnBench)($bench, $design, $finding->fix, $times),
            costMs: $finding->cost,
            evidence: array_map(
                static fn (Evidence $one): EvidenceShown => new EvidenceShown($one->label, $one->value, $one->source, $one->number),
                $finding->evidence,
            ),
        );
    }

    /** @return list<FilmOnSkin> */
    private static function films(Course $course): array
    {
        $films = [];
        foreach ($course->preparation->films as $at => $film) {
            if ($film !== null && ! $film->dryAfter()->isZero()) {
                $laid = $course->ends[$at];
                $films[] = new FilmOnSkin(
                    $course->step($at)->id,
                    $laid,
                    $laid + $film->tackyAfter()->milliseconds,
                    $laid + $film->dryAfter()->milliseconds,
                );
            }
        }

        return $films;
    }

    /** @return list<ColourSeen> */
    private static function colours(Course $course): array
    {
        $seen = [];
        foreach ($course->sightings as $at => $sightings) {
            foreach ($sightings as $sighting) {
                $seen[] = self::colour($course->step($at)->id, $sighting);
            }
        }

        return $seen;
    }

    private static function colour(string $stepId, Sighting $sighting): ColourSeen
    {
        $coats = array_map(static fn (LinearRgb $coat): string => $coat->hex(), $sighting->coats);

        return new ColourSeen(
            stepId: $stepId,
            meant: $sighting->meant->hex(),
            coats: $coats,
            seen: $sighting->seen()->hex(),
            word: Word::of($sighting->seen()),
            hasTurned: Sight::hasTurned($sighting->seen(), $sighting->meant),
        );
    }
}
