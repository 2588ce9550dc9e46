<?php

declare(strict_types=1);

namespace App\Practice\Training;

use App\Http\Requests\BareTeamRequest;
use Illuminate\Http\Response;

final readonly class PracticeController
{
    public function index(BareTeamRequest $request, PracticeOfPainter $practice): PracticeSheet
    {
        return $practice($request->painter());
    }

    public function show(PracticeRequest $request, TrainingOf $training): TrainingSheet
    {
        return $training($request->painter(), $request->target(), $request->aim());
    }

    public function store(PracticeRequest $request, KeepPracticeRun $keep, TrainingOf $training): TrainingSheet
    {
        $keep(
            $request->painter(),
            strtolower($request->string('id')->toString()),
            $request->target(),
            $request->spent(),
            $request->boolean('interrupted'),
        );

        return $training($request->painter(), $request->target(), $request->aim());
    }

    public function destroy(BareTeamRequest $request, KeepPracticeRun $keep, string $run): Response
    {
        $keep->forget($request->painter(), strtolower($run));

        return response()->noContent();
    }
}
