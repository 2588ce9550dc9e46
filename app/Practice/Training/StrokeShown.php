<?php

declare(strict_types=1);

namespace App\Practice\Training;

use App\Http\Resources\Resource;
use Core\Pace\Drill;
use Core\Plan\WeakStroke;

/** A stroke of the design that is practised. */
final readonly class StrokeShown extends Resource
{
    /**
     * @param  Drill|null  $drill  that practises it on its own
     * @param  int|null  $percent  of what such work usually takes; null while it was not timed
     */
    public function __construct(
        public string $stepId,
        public string $name,
        public ?Drill $drill,
        public ?string $drillName,
        public ?int $percent,
    ) {}

    public static function of(WeakStroke $stroke): self
    {
        return new self(
            stepId: $stroke->step->id,
            name: $stroke->step->name,
            drill: $stroke->drill,
            drillName: $stroke->drill?->label(),
            percent: $stroke->share === null ? null : (int) round(100 * $stroke->share),
        );
    }
}
