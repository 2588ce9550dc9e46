<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Core\Design\Placement;

/** A design on the bench. */
final readonly class DesignSheet extends Resource
{
    /**
     * @param  list<string>  $tags
     * @param  string  $stillFor  as typed; empty when nothing is said
     * @param  list<StepLine>  $steps  in painting order
     * @param  list<TapeSpan>  $spans
     * @param  list<TableThing>  $layOut  in the order things are taken up
     * @param  list<MissingThing>  $missing
     * @param  list<BrushToKeep>  $brushesToKeep  the one that saves most first
     * @param  list<PinShown>  $pins
     * @param  list<SilencedRule>  $silences
     */
    public function __construct(
        public string $id,
        public string $name,
        public Placement $placement,
        public ?string $promise,
        public ?int $promiseMs,
        public array $tags,
        public string $stillFor,
        public bool $gentle,
        public int $revision,
        public array $steps,
        public array $spans,
        public int $totalMs,
        public int $paintingMs,
        public int $changeoverMs,
        public int $dryingMs,
        public array $layOut,
        public array $missing,
        public array $brushesToKeep,
        public bool $handsTimed,
        public ?int $fromAge,
        public array $pins,
        public array $silences,
        public CraftShown $craft,
    ) {}
}
