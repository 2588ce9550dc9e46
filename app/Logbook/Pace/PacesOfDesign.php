<?php

declare(strict_types=1);

namespace App\Logbook\Pace;

use App\Bench\Advice\PaceShown;
use App\Models\Logbook\PaceFit;
use Core\Design\Design;
use Core\Design\StepValues;
use Core\Pace\Pace;
use Core\Pace\WholeFace;
use Core\Timeline\SpanKind;
use Core\Timeline\StepTime;
use Core\Timeline\Timeline;
use Core\Timeline\TimeSource;
use Illuminate\Database\Eloquent\Builder;

/** How long the steps and versions of a design really take a painter: the own pace, and the team's where there is none yet. */
final readonly class PacesOfDesign
{
    /**
     * @param  string|null  $painterId  null for the team's
     * @return array<string, StepTime> of steps, by their way
     */
    public function __invoke(string $designId, ?string $painterId): array
    {
        return array_map(
            static fn (PaceFit $fit): StepTime => self::stepTime($fit, $painterId),
            $this->fits($designId, $painterId, PaceFit::STEP),
        );
    }

    /** @return array<string, Pace> of whole faces, by their version */
    public function ofFaces(string $designId, ?string $painterId): array
    {
        return array_map(static fn (PaceFit $fit): Pace => $fit->toCore(), $this->fits($designId, $painterId, PaceFit::FACE));
    }

    /**
     * Of many designs at once.
     *
     * @param  list<string>  $designIds
     * @return array<string, array{steps: array<string, StepTime>, stepPaces: array<string, Pace>, faces: array<string, Pace>}> by design
     */
    public function ofDesigns(array $designIds, ?string $painterId): array
    {
        $rows = $this->rows($designIds, $painterId);
        $paces = [];
        foreach ($designIds as $id) {
            $steps = self::byWay($rows, $id, PaceFit::STEP);
            $paces[$id] = [
                'steps' => array_map(static fn (PaceFit $fit): StepTime => self::stepTime($fit, $painterId), $steps),
                'stepPaces' => array_map(static fn (PaceFit $fit): Pace => $fit->toCore(), $steps),
                'faces' => array_map(static fn (PaceFit $fit): Pace => $fit->toCore(), self::byWay($rows, $id, PaceFit::FACE)),
            ];
        }

        return $paces;
    }

    /** @return array<string, PaceFit> those that are known, by way */
    private function fits(string $designId, ?string $painterId, string $kind): array
    {
        return self::byWay($this->rows([$designId], $painterId), $designId, $kind);
    }

    /**
     * @param  list<PaceFit>  $rows
     * @return array<string, PaceFit>
     */
    private static function byWay(array $rows, string $designId, string $kind): array
    {
        $fits = [];
        foreach ($rows as $row) {
            if ($row->design_id === $designId && $row->kind === $kind) {
                $fits[$row->way] = $row;
            }
        }

        return $fits;
    }

    /**
     * @param  list<string>  $designIds
     * @return list<PaceFit> those that are known, the team's before the painter's own
     */
    private function rows(array $designIds, ?string $painterId): array
    {
        $rows = PaceFit::query()->whereIn('design_id', $designIds)
            ->where(static fn (Builder $either): Builder => $either->whereNull('user_id')->orWhere('user_id', $painterId))
            ->get()->sortBy(static fn (PaceFit $fit): int => $fit->user_id === null ? 0 : 1);

        return array_values($rows->filter(static fn (PaceFit $fit): bool => $fit->toCore()->isKnown())->all());
    }

    private static function stepTime(PaceFit $fit, ?string $painterId): StepTime
    {
        $pace = $fit->toCore();
        $source = $painterId !== null && $fit->user_id === null ? TimeSource::Team : TimeSource::Logged;

        return new StepTime(
            duration: $pace->middle(),
            source: $source,
            faces: $pace->faces,
            eightOfTen: $pace->eightOfTen(),
            practised: $pace->practised,
        );
    }

    /** How long a version of a design really takes: by its own faces where there are some, else put together from its steps. */
    public function ofVersion(string $designId, ?string $painterId, Design $version, Timeline $timeline): ?PaceShown
    {
        return $this->among($this->ofFaces($designId, $painterId), $version, $timeline);
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

        return $most === null ? null : PaceShown::ofSteps($timeline->makespan(), $most);
    }
}
