<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CopyDesign;
use App\Actions\SaveDesign;
use App\Actions\StartDesign;
use App\Http\Requests\ArchiveRequest;
use App\Http\Requests\BareTeamRequest;
use App\Http\Requests\FitRequest;
use App\Http\Requests\NewDesignRequest;
use App\Http\Requests\SaveDesignRequest;
use App\Http\Resources\DesignSheet;
use App\Http\Resources\DesignTape;
use App\Http\Resources\FittedDesign;
use App\Http\Resources\StartingPoint;
use App\Queries\BenchOfPainter;
use App\Queries\DesignFitted;
use App\Queries\DesignOnBench;
use App\Queries\DesignShelf;
use App\Queries\StartingPoints;
use Illuminate\Http\Response;

final readonly class DesignController
{
    public function __construct(private DesignShelf $shelf, private DesignOnBench $onBench, private BenchOfPainter $bench) {}

    /** @return list<DesignTape> */
    public function index(BareTeamRequest $request): array
    {
        return ($this->shelf)($request->teamId());
    }

    public function show(BareTeamRequest $request): DesignSheet
    {
        return ($this->onBench)(($this->bench)($request->painter()), $request->design());
    }

    public function fitted(FitRequest $request, DesignFitted $fitted): FittedDesign
    {
        return $fitted(($this->bench)($request->painter()), $request->design(), $request->person());
    }

    /** @return list<StartingPoint> */
    public function startingPoints(BareTeamRequest $request, StartingPoints $points): array
    {
        return $points(($this->bench)($request->painter()));
    }

    public function store(NewDesignRequest $request, StartDesign $start): DesignSheet
    {
        $bench = ($this->bench)($request->painter());

        return ($this->onBench)($bench, $start($bench, $request->teamId(), $request->start()));
    }

    public function update(SaveDesignRequest $request, SaveDesign $save): DesignSheet
    {
        $bench = ($this->bench)($request->painter());

        return ($this->onBench)($bench, $save($bench, $request->design(), $request->revision(), $request->content()));
    }

    public function copy(BareTeamRequest $request, CopyDesign $copy): DesignSheet
    {
        $bench = ($this->bench)($request->painter());

        return ($this->onBench)($bench, $copy($bench, $request->design()));
    }

    public function archive(ArchiveRequest $request): Response
    {
        $request->design()->update(['archived_at' => $request->boolean('archived') ? now() : null]);

        return response()->noContent();
    }

    public function destroy(BareTeamRequest $request): Response
    {
        $request->design()->delete();

        return response()->noContent();
    }

    public function restore(BareTeamRequest $request): DesignSheet
    {
        $request->design()->restore();

        return ($this->onBench)(($this->bench)($request->painter()), $request->design());
    }
}
