<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Account\Ways\BenchOfPainter;
use App\Bench\Advice\DesignOnBench;
use App\Bench\Ladder\DesignFitted;
use App\Bench\Ladder\FitRequest;
use App\Bench\Ladder\FittedDesign;
use App\Http\Requests\BareTeamRequest;
use App\Http\Requests\PageRequest;
use Illuminate\Http\Response;

final readonly class DesignController
{
    public function __construct(private DesignShelf $shelf, private DesignOnBench $onBench, private BenchOfPainter $bench) {}

    /** @return list<DesignTape> */
    public function index(PageRequest $request): array
    {
        return array_map(DesignTape::of(...), ($this->shelf)($request->teamId(), $request->page()));
    }

    public function show(BareTeamRequest $request): DesignSheet
    {
        return DesignSheet::of(($this->onBench)(($this->bench)($request->painter()), $request->design()));
    }

    public function fitted(FitRequest $request, DesignFitted $fitted): FittedDesign
    {
        return $fitted(($this->bench)($request->painter()), $request->design(), $request->person());
    }

    /** @return list<StartingPoint> */
    public function startingPoints(BareTeamRequest $request, StartingPoints $points): array
    {
        return array_map(StartingPoint::of(...), $points(($this->bench)($request->painter())));
    }

    public function store(NewDesignRequest $request, StartDesign $start): DesignSheet
    {
        $bench = ($this->bench)($request->painter());

        return DesignSheet::of(($this->onBench)($bench, $start($bench, $request->teamId(), $request->start())));
    }

    public function update(SaveDesignRequest $request, SaveDesign $save): DesignSheet
    {
        $bench = ($this->bench)($request->painter());

        return DesignSheet::of(($this->onBench)($bench, $save($bench, $request->design(), $request->revision(), $request->content())));
    }

    public function copy(BareTeamRequest $request, CopyDesign $copy): DesignSheet
    {
        $bench = ($this->bench)($request->painter());

        return DesignSheet::of(($this->onBench)($bench, $copy($bench, $request->design())));
    }

    public function sort(ShelfRequest $request, SortShelf $sort): Response
    {
        $sort(
            teamId: $request->teamId(),
            designIds: $request->designIds(),
            archived: $request->archived(),
            addTag: $request->addTag(),
            removeTag: $request->removeTag(),
        );

        return response()->noContent();
    }

    public function destroy(BareTeamRequest $request, DeleteDesign $delete): Response
    {
        $delete($request->painter(), $request->design());

        return response()->noContent();
    }

    public function restore(BareTeamRequest $request, RestoreDesign $restore): DesignSheet
    {
        $restore($request->design());

        return DesignSheet::of(($this->onBench)(($this->bench)($request->painter()), $request->design()));
    }
}
