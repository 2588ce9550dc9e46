<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Http\Resources\Logbook\RunsOver;
use App\Http\Resources\Resource;
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
     * @param  list<RungWish>  $rungs  what is meant by the names of rungs, where the painter said it
     * @param  list<StopShown>  $stops  where one may stop, in painting order
     * @param  PaceShown|null  $pace  how long the whole face really takes; null while nothing is logged
     * @param  RunsOver|null  $runsOver  the step that takes most longer than planned
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
        public array $rungs,
        public array $stops,
        public ?PaceShown $pace,
        public ?RunsOver $runsOver,
    ) {}
}
