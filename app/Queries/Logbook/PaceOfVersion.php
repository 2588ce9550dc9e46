<?php

declare(strict_types=1);

namespace App\Queries\Logbook;

use App\Http\Resources\Bench\PaceShown;
use Core\Design\Design;
use Core\Design\StepValues;
use Core\Pace\WholeFace;
use Core\Timeline\SpanKind;
use Core\Timeline\Timeline;

/** How long a version of a design really takes: by its own faces where there are some, else put together from its steps. */
final readonly class PaceOfVersion
{
    public function __construct(private PacesOfDesign $pacesOfDesign) {}

    public function __invoke(string $designId, ?string $painterId, Design $version, Timeline $timeline): ?PaceShown
    {
        return $this->among($this->pacesOfDesign->ofFaces($designId, $painterId), $version, $timeline);
    }

    /** @param  array<string, \Core\Pace\Pace>  $faces  by version, see PacesOfDesign */
    public function among(array $faces, Design $version, Timeline $timeline): ?PaceShown
    {
        $own = $faces[StepValues::version(array_map(StepValues::way(...), $version->steps))] ?? null;
        if ($own !== null) {
            return PaceShown::of($own);
        }
        $rest = $timeline->total(SpanKind::Changeover)->plus($timeline->total(SpanKind::Drying));
        $most = WholeFace::eightOfTen($timeline->painting, $rest);

        return $most === null ? null : new PaceShown(
            middleMs: $timeline->makespan()->milliseconds,
            eightOfTenMs: $most->milliseconds,
            faces: 0,
            practised: 0,
            leftOut: 0,
            slips: 0,
        );
    }
}
