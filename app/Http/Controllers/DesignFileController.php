<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Bench\ImportDesigns;
use App\Http\Requests\BareTeamRequest;
use App\Http\Resources\Bench\DesignTape;
use App\Http\Resources\Bench\ImportedDesigns;
use App\Queries\Account\BenchOfPainter;
use App\Queries\Bench\DesignsAsFile;
use App\Queries\Bench\DesignShelf;
use Illuminate\Http\Response;

final readonly class DesignFileController
{
    public function show(BareTeamRequest $request, DesignsAsFile $asFile): Response
    {
        return response($asFile([$request->design()]), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="design.json"',
        ]);
    }

    /** The body is the file itself. */
    public function store(BareTeamRequest $request, ImportDesigns $import, DesignShelf $shelf, BenchOfPainter $bench): ImportedDesigns
    {
        $designs = $import($bench($request->painter()), $request->teamId(), $request->getContent());

        return new ImportedDesigns(array_map(DesignTape::of(...), array_map($shelf->tape(...), $designs)));
    }
}
