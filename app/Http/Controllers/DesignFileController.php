<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ImportDesigns;
use App\Http\Requests\BareTeamRequest;
use App\Http\Resources\ImportedDesigns;
use App\Queries\BenchOfPainter;
use App\Queries\DesignsAsFile;
use App\Queries\DesignShelf;
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

        return new ImportedDesigns(array_map($shelf->tape(...), $designs));
    }
}
