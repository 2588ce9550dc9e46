<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\PaceFit;
use Core\Design\StepTime;
use Core\Design\TimeSource;
use Core\Pace\Pace;
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

    /** @return array<string, Pace> of steps, by their way */
    public function ofSteps(string $designId, ?string $painterId): array
    {
        return array_map(static fn (PaceFit $fit): Pace => $fit->toCore(), $this->fits($designId, $painterId, PaceFit::STEP));
    }

    /** @return array<string, Pace> of whole faces, by their version */
    public function ofFaces(string $designId, ?string $painterId): array
    {
        return array_map(static fn (PaceFit $fit): Pace => $fit->toCore(), $this->fits($designId, $painterId, PaceFit::FACE));
    }

    /** @return array<string, PaceFit> those that are known, by way */
    private function fits(string $designId, ?string $painterId, string $kind): array
    {
        $rows = PaceFit::query()->where('design_id', $designId)->where('kind', $kind)
            ->where(static fn (Builder $either): Builder => $either->whereNull('user_id')->orWhere('user_id', $painterId))
            ->get()->sortBy(static fn (PaceFit $fit): int => $fit->user_id === null ? 0 : 1);
        $fits = [];
        foreach ($rows as $row) {
            if ($row->toCore()->isKnown()) {
                $fits[$row->way] = $row;
            }
        }

        return $fits;
    }

    private static function stepTime(PaceFit $fit, ?string $painterId): StepTime
    {
        $pace = $fit->toCore();
        $source = $painterId !== null && $fit->user_id === null ? TimeSource::Team : TimeSource::Logged;

        return new StepTime($pace->middle(), $source, $pace->faces, $pace->eightOfTen(), $pace->practised);
    }
}
