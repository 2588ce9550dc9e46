<?php

declare(strict_types=1);

namespace App\Bench\Files;

use App\Account\Ways\BenchOfPainter;
use App\Bench\Designs\Designs;
use App\Bench\Designs\DesignShelf;
use App\Bench\Designs\DesignTape;
use App\Http\Requests\BareTeamRequest;
use Illuminate\Http\Response;

final readonly class DesignFileController
{
    public function show(BareTeamRequest $request, DesignFiles $designFiles): Response
    {
        return response($designFiles->write([$request->design()]), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="design.json"',
        ]);
    }

    /** The body is the file itself. */
    public function store(BareTeamRequest $request, Designs $designs, DesignShelf $shelf, BenchOfPainter $bench): ImportedDesigns
    {
        $imported = $designs->bringIn($bench($request->painter()), $request->teamId(), $request->getContent());

        return new ImportedDesigns(array_map(DesignTape::of(...), array_map($shelf->tape(...), $imported)));
    }
}
