<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use App\Http\Resources\Bench\BrushToKeep;
use App\Http\Resources\Bench\ColourSwatch;
use App\Http\Resources\Bench\DesignSheet;
use App\Http\Resources\Bench\MissingThing;
use App\Http\Resources\Bench\PinShown;
use App\Http\Resources\Bench\RungWish;
use App\Http\Resources\Bench\SilencedRule;
use App\Http\Resources\Bench\StopShown;
use App\Http\Resources\Bench\TableThing;
use App\Http\Resources\Bench\TapeSpan;
use App\Http\Resources\Logbook\RunsOver;
use App\Models\Design;
use App\Queries\Account\PainterBench;
use App\Queries\Logbook\PaceOfVersion;
use App\Queries\Logbook\PacesOfDesign;
use Core\Design\Design as CoreDesign;
use Core\Design\Pin;
use Core\Design\Silence;
use Core\Design\Step;
use Core\Ladder\StopPoint;
use Core\Ladder\StopPoints;
use Core\Order\Catalogue;
use Core\Table\BrushSaving;
use Core\Table\Lack;
use Core\Table\LaidThing;
use Core\Table\LayOut;
use Core\Table\Substitutes;
use Core\Timeline\HandTimes;
use Core\Timeline\RunOver;
use Core\Timeline\Span;
use Core\Timeline\SpanKind;
use Core\Timeline\StepTimes;
use Core\Timeline\Timeline;

/** A design with its timeline and what it needs, as the bench edits it. */
final readonly class DesignOnBench
{
    public function __construct(
        private StepOnBench $stepOnBench,
        private PacesOfDesign $pacesOfDesign,
        private CraftOfDesign $craft,
        private PaceOfVersion $paceOfVersion,
    ) {}

    public function __invoke(PainterBench $bench, Design $design): DesignSheet
    {
        $content = $design->toCore();
        $times = $bench->stepTimes->knowing(($this->pacesOfDesign)($design->id, $bench->painterId));
        $timeline = Timeline::of($content->steps, $bench->changeovers, $times);
        $craft = ($this->craft)($bench, $content, $times);
        $seen = [];
        foreach ($craft->colours as $colour) {
            $seen[$colour->stepId][] = $colour->seen;
        }

        return new DesignSheet(
            id: $design->id,
            name: $content->name,
            placement: $content->placement,
            promise: $content->promise?->formatExactly(),
            promiseMs: $content->promise?->milliseconds,
            tags: $content->tags,
            stillFor: $content->audience->sitsStillFor?->formatExactly() ?? '',
            gentle: $content->audience->isGentle,
            revision: $design->revision,
            steps: array_map(fn (Step $step) => ($this->stepOnBench)($bench, $step, $times, $seen[$step->id] ?? []), $content->steps),
            spans: self::spans($timeline),
            totalMs: $timeline->makespan()->milliseconds,
            paintingMs: $timeline->total(SpanKind::Painting)->milliseconds,
            changeoverMs: $timeline->total(SpanKind::Changeover)->milliseconds,
            dryingMs: $timeline->total(SpanKind::Drying)->milliseconds,
            layOut: array_map(self::laid(...), LayOut::of($content, $bench->kit)),
            missing: array_map(self::missing(...), (new Substitutes($bench->kit, $times))->for($content->steps)),
            brushesToKeep: self::brushesToKeep($bench, $content, $times),
            handsTimed: $bench->benchTimes->hasOwn(),
            fromAge: $content->audience->fromAge,
            pins: array_map(static fn (Pin $pin): PinShown => new PinShown($pin->kind, $pin->steps), $content->pins),
            silences: array_map(self::silenced(...), $content->silences),
            craft: $craft,
            rungs: array_map(RungWish::of(...), $content->rungs),
            stops: array_map(
                static fn (StopPoint $stop): StopShown => new StopShown($content->steps[$stop->after]->id, $stop->isSaid, $stop->still),
                StopPoints::of($content),
            ),
            pace: ($this->paceOfVersion)($design->id, $bench->painterId, $content, $timeline),
            runsOver: self::runsOver($bench, $content, $times),
        );
    }

    /** @return list<TapeSpan> */
    public static function spans(Timeline $timeline): array
    {
        return array_map(static fn (Span $span): TapeSpan => new TapeSpan(
            $span->kind,
            $span->step->id,
            $span->start->milliseconds,
            $span->length->milliseconds,
        ), $timeline->spans);
    }

    private static function silenced(Silence $silence): SilencedRule
    {
        return new SilencedRule($silence->rule, Catalogue::rule($silence->rule)?->card()->title ?? $silence->rule, $silence->reason);
    }

    private static function runsOver(PainterBench $bench, CoreDesign $design, StepTimes $times): ?RunsOver
    {
        $worst = RunOver::worst($design->steps, HandTimes::of($design->steps, $bench->changeovers, $times));

        return $worst === null ? null : new RunsOver($worst->step->id, $worst->step->name, $worst->over->milliseconds);
    }

    public static function laid(LaidThing $thing): TableThing
    {
        return new TableThing(name: $thing->name, kind: $thing->kind, hex: $thing->hex, owned: $thing->isOwned, steps: $thing->steps);
    }

    private static function missing(Lack $lack): MissingThing
    {
        $colour = $lack->kind === null || $lack->colour === null ? null : new ColourSwatch($lack->colour->name, $lack->colour->hex);

        return new MissingThing(
            stepId: $lack->stepId,
            missing: $lack->missing,
            instead: $lack->instead,
            extraMs: $lack->extra->milliseconds,
            kind: $lack->kind,
            colour: $colour,
        );
    }

    /** @return list<BrushToKeep> */
    private static function brushesToKeep(PainterBench $bench, CoreDesign $design, StepTimes $times): array
    {
        return array_map(
            static fn (BrushSaving $saving): BrushToKeep => new BrushToKeep(
                $saving->colour->name,
                $saving->colour->hex,
                $saving->aFace->milliseconds,
            ),
            BrushSaving::of($design, $bench->kit, $bench->benchTimes, $times),
        );
    }
}
