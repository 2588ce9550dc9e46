<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Bench\Photos\PhotoShown;
use App\Http\Resources\Resource;
use App\Plan\FacePlans\PlanStep;
use Core\Design\Place\Placement;

/** A design on the shelf: its picture, its tape and its minutes. Moments are milliseconds since 1970 in UTC. */
final readonly class DesignTape extends Resource
{
    /**
     * @param  list<string>  $tags
     * @param  list<TapeSpan>  $spans
     * @param  list<PlanStep>  $steps
     */
    public function __construct(
        public string $id,
        public string $name,
        public Placement $placement,
        public ?int $promiseMs,
        public array $tags,
        public ?int $stillMs,
        public bool $gentle,
        public bool $archived,
        public int $totalMs,
        public array $spans,
        public array $steps,
        public ?int $lastPaintedAt,
        public ?PhotoShown $photo,
    ) {}

    public static function of(ShelvedDesign $design): self
    {
        return new self(
            id: $design->id,
            name: $design->name,
            placement: $design->placement,
            promiseMs: $design->promise?->milliseconds,
            tags: $design->tags,
            stillMs: $design->still?->milliseconds,
            gentle: $design->isGentle,
            archived: $design->isArchived,
            totalMs: $design->total->milliseconds,
            spans: TapeSpan::ofPlan($design->spans),
            steps: array_map(PlanStep::of(...), $design->steps),
            lastPaintedAt: $design->lastPainted?->epochMilliseconds,
            photo: $design->photo === null ? null : PhotoShown::of($design->photo),
        );
    }
}
