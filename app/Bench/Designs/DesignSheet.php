<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Bench\Advice\CraftShown;
use App\Bench\Advice\OtherWayTaken;
use App\Bench\Advice\PaceShown;
use App\Bench\Advice\TableThing;
use App\Bench\Photos\PhotoShown;
use App\Bench\TypedSteps\PinShown;
use App\Bench\TypedSteps\StepLine;
use App\Http\Resources\Resource;
use Core\Design\Design;
use Core\Design\Photo\Photo;
use Core\Design\Place\Placement;
use Core\Design\RungChoice;
use Core\Design\RungName;
use Core\Design\Silence;
use Core\Kit\ItemKind;
use Core\Ladder\StopPoint;
use Core\Ladder\StopPoints;
use Core\Order\Craft\Catalogue;
use Core\Timeline\RunOver;
use Core\Timeline\SpanKind;
use Core\Timeline\Timeline;
use Core\Workspace\BrushSaving;
use Core\Workspace\Lack;
use Core\Workspace\LaidThing;

/**
 * A design on the bench.
 *
 * @phpstan-type BrushToKeep array{colour: string, hex: string, savedMs: int}
 * @phpstan-type RunsOver array{stepId: string, name: string, overMs: int}
 * @phpstan-type SilencedRule array{rule: string, title: string, reason: string}
 *
 * RungWish: within: as typed; null where what is left out says it; leftOut: ids of steps.
 * @phpstan-type RungWish array{name: RungName, within: string|null, leftOut: list<string>, otherWays: list<OtherWayTaken>}
 * @phpstan-type MissingThing array{
 *     stepId: string,
 *     missing: string,
 *     instead: string|null,
 *     extraMs: int,
 *     kind: ItemKind|null,
 *     colour: ColourSwatch|null,
 * }
 *
 * ColourSeen: meant: #rrggbb of the paint itself; coats: #rrggbb after each coat;; seen: #rrggbb of what stays; word: what one
 *   would call that; hasTurned: whether it ends up as another colour than the one meant.
 * @phpstan-type ColourSeen array{stepId: string, meant: string, coats: list<string>, seen: string, word: string, hasTurned: bool}
 *
 * @phpstan-import-type ColourSwatch from StepShown
 */
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
        public ?array $runsOver,
        public ?PhotoShown $photo,
    ) {}

    /**
     * @param  int  $revision  how often it was saved
     * @param  list<StepLine>  $steps  in painting order
     * @param  list<LaidThing>  $layOut  in the order things are taken up
     * @param  list<Lack>  $missing
     * @param  list<BrushSaving>  $brushes  worth keeping, the one that saves most first
     * @param  bool  $areHandsTimed  by a drill
     * @param  PaceShown|null  $pace  of the whole face; null while nothing is logged
     * @param  RunOver|null  $runsOver  the step that takes most longer than planned
     */
    public static function of(
        string $id,
        int $revision,
        Design $content,
        array $steps,
        Timeline $timeline,
        array $layOut,
        array $missing,
        array $brushes,
        bool $areHandsTimed,
        CraftShown $craft,
        ?PaceShown $pace,
        ?RunOver $runsOver,
        ?Photo $photo,
    ): self {
        return new self(
            id: $id, name: $content->name,
            placement: $content->placement,
            promise: $content->promise?->formatExactly(),
            promiseMs: $content->promise?->milliseconds,
            tags: $content->tags,
            stillFor: $content->audience->sitsStillFor?->formatExactly() ?? '',
            gentle: $content->audience->isGentle,
            revision: $revision,
            steps: $steps,
            spans: TapeSpan::ofTimeline($timeline),
            totalMs: $timeline->makespan()->milliseconds,
            paintingMs: $timeline->total(SpanKind::Painting)->milliseconds,
            changeoverMs: $timeline->total(SpanKind::Changeover)->milliseconds,
            dryingMs: $timeline->total(SpanKind::Drying)->milliseconds,
            layOut: array_map(TableThing::of(...), $layOut),
            missing: array_map(self::missing(...), $missing),
            brushesToKeep: array_map(self::brushToKeep(...), $brushes),
            handsTimed: $areHandsTimed,
            fromAge: $content->audience->fromAge,
            pins: array_map(PinShown::of(...), $content->pins),
            silences: array_map(self::silencedRule(...), $content->silences),
            craft: $craft,
            rungs: array_map(self::rungWish(...), $content->rungs),
            stops: array_map(static fn (StopPoint $stop): StopShown => StopShown::of($stop, $content->steps), StopPoints::of($content)),
            pace: $pace,
            runsOver: $runsOver === null ? null : self::runsOver($runsOver),
            photo: $photo === null ? null : PhotoShown::of($photo),
        );
    }

    /** @return BrushToKeep what a brush kept for one colour would save a face */
    private static function brushToKeep(BrushSaving $saving): array
    {
        return ['colour' => $saving->colour->name, 'hex' => $saving->colour->hex, 'savedMs' => $saving->aFace->milliseconds];
    }

    /** @return RunsOver the step that takes most longer than planned, as a rule */
    private static function runsOver(RunOver $worst): array
    {
        return ['stepId' => $worst->step->id, 'name' => $worst->step->name, 'overMs' => $worst->over->milliseconds];
    }

    /** @return SilencedRule a rule that is not asked for a design */
    private static function silencedRule(Silence $silence): array
    {
        return [
            'rule' => $silence->rule,
            'title' => Catalogue::rule($silence->rule)?->info()->title ?? $silence->rule,
            'reason' => $silence->reason,
        ];
    }

    /** @return RungWish the best version within some time, or one with certain things left out */
    private static function rungWish(RungChoice $choice): array
    {
        return [
            'name' => $choice->name,
            'within' => $choice->within?->formatExactly(),
            'leftOut' => $choice->leftOut,
            'otherWays' => OtherWayTaken::all($choice),
        ];
    }

    /** @return MissingThing with the slower way where there is one, what that costs more, and what may be added to the kit */
    private static function missing(Lack $lack): array
    {
        $colour = $lack->kind === null || $lack->colour === null ? null : ['name' => $lack->colour->name, 'hex' => $lack->colour->hex];

        return [
            'stepId' => $lack->stepId,
            'missing' => $lack->missing,
            'instead' => $lack->instead,
            'extraMs' => $lack->extra->milliseconds,
            'kind' => $lack->kind,
            'colour' => $colour,
        ];
    }
}
