<?php

declare(strict_types=1);

namespace App\Logbook\Pace;

use Core\Design\Design;
use Core\Design\StepValues;
use Core\Pace\WholeFace;
use Core\Timeline\SpanKind;
use Core\Timeline\Timeline;

/** How long a version of a design really takes: by its own faces where there are some, else put together from its steps. */
final readonly class PaceOfVersion
{
    public function __construct(private PacesOfDesign $pacesOfDesign) {}

    public function __invoke(string $designId, ?string $painterId, Design $version, Timeline $timeline): ?VersionPace
    {
        return $this->among($this->pacesOfDesign->ofFaces($designId, $painterId), $version, $timeline);
    }

    /** @param  array<string, \Core\Pace\Pace>  $faces  by version, see PacesOfDesign */
    public function among(array $faces, Design $version, Timeline $timeline): ?VersionPace
    {
        $own = $faces[StepValues::version(array_map(StepValues::way(...), $version->steps))] ?? null;
        if ($own !== null) {
            return new VersionPace($own->middle(), $own->eightOfTen(), $own);
        }
        $rest = $timeline->total(SpanKind::Changeover)->plus($timeline->total(SpanKind::Drying));
        $most = WholeFace::eightOfTen($timeline->painting, $rest);

        return $most === null ? null : new VersionPace($timeline->makespan(), $most);
    }
}
