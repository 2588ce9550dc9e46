<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Account\Ways\BenchOfPainter;
use App\Bench\Advice\DesignOnBench;
use App\Bench\Ladder\FitRequest;
use App\Bench\Ladder\FittedDesign;
use App\Bench\Ladder\LadderOfDesign;
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
        return ($this->onBench)(($this->bench)($request->painter()), $request->design());
    }

    public function fitted(FitRequest $request, LadderOfDesign $ladderOfDesign): FittedDesign
    {
        return $ladderOfDesign->fitted(($this->bench)($request->painter()), $request->design(), $request->person());
    }

    /** @return list<StartingPoint> */
    public function startingPoints(BareTeamRequest $request, WorkedDesigns $workedDesigns): array
    {
        return array_map(StartingPoint::of(...), $workedDesigns->startingPoints(($this->bench)($request->painter())));
    }

    public function store(NewDesignRequest $request, Designs $designs): DesignSheet
    {
        $bench = ($this->bench)($request->painter());

        return ($this->onBench)($bench, $designs->start($bench, $request->teamId(), $request->start()));
    }

    public function update(SaveDesignRequest $request, Designs $designs): DesignSheet
    {
        $bench = ($this->bench)($request->painter());

        $design = $designs->save($bench, $request->design(), $request->revision(), $request->content());

        return ($this->onBench)($bench, $design);
    }

    public function copy(BareTeamRequest $request, Designs $designs): DesignSheet
    {
        $bench = ($this->bench)($request->painter());

        return ($this->onBench)($bench, $designs->copy($bench, $request->design()));
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

    public function destroy(BareTeamRequest $request, Designs $designs): Response
    {
        $designs->delete($request->painter(), $request->design());

        return response()->noContent();
    }

    public function restore(BareTeamRequest $request, Designs $designs): DesignSheet
    {
        $designs->restore($request->design());

        return ($this->onBench)(($this->bench)($request->painter()), $request->design());
    }
}
