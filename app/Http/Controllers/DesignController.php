<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CopyDesign;
use App\Actions\CreateDesign;
use App\Actions\SaveDesign;
use App\Http\Requests\BareTeamRequest;
use App\Http\Requests\NewDesignRequest;
use App\Http\Requests\SaveDesignRequest;
use App\Http\Resources\DesignSheet;
use App\Http\Resources\DesignTape;
use App\Queries\DesignOnBench;
use App\Queries\DesignShelf;
use Illuminate\Http\Response;

final readonly class DesignController
{
    public function __construct(private DesignShelf $shelf, private DesignOnBench $onBench) {}

    /** @return list<DesignTape> */
    public function index(BareTeamRequest $request): array
    {
        return ($this->shelf)($request->teamId());
    }

    public function show(BareTeamRequest $request): DesignSheet
    {
        return ($this->onBench)($request->design());
    }

    public function store(NewDesignRequest $request, CreateDesign $create): DesignSheet
    {
        return ($this->onBench)($create($request->teamId(), $request->blank()));
    }

    public function update(SaveDesignRequest $request, SaveDesign $save): DesignSheet
    {
        return ($this->onBench)($save($request->design(), $request->revision(), $request->content()));
    }

    public function copy(BareTeamRequest $request, CopyDesign $copy): DesignSheet
    {
        return ($this->onBench)($copy($request->design()));
    }

    public function destroy(BareTeamRequest $request): Response
    {
        $request->design()->delete();

        return response()->noContent();
    }

    public function restore(BareTeamRequest $request): DesignSheet
    {
        $request->design()->restore();

        return ($this->onBench)($request->design());
    }
}
