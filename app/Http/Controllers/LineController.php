<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Line\RecordTaps;
use App\Http\Requests\BareTeamRequest;
use App\Http\Requests\Line\RecordTapsRequest;
use App\Http\Resources\Line\LineBoard;
use App\Http\Resources\Line\TapOutcome;
use App\Http\Resources\Line\TapsAnswer;
use App\Http\Resources\Plan\Plan;
use App\Queries\Line\LineOfDay;
use App\Queries\Line\VersionOfLine;
use App\Queries\Plan\PlansOfDay;
use Illuminate\Http\JsonResponse;

final readonly class LineController
{
    public function __construct(private LineOfDay $line) {}

    /** Nothing is told anew to whoever has it already; what time it is is told each time. */
    public function show(BareTeamRequest $request, VersionOfLine $version): JsonResponse
    {
        $answer = new JsonResponse;
        $answer->setEtag($version($request->day(), $request->painter()))->headers->set('X-Now', (string) now()->getTimestampMs());
        if (! $answer->isNotModified($request)) {
            $answer->setData(LineBoard::of(($this->line)($request->day(), $request->painter())));
        }

        return $answer;
    }

    /** @return list<Plan> */
    public function plans(BareTeamRequest $request, PlansOfDay $plans): array
    {
        return array_map(Plan::of(...), $plans($request->day(), $request->painter()->id));
    }

    public function store(RecordTapsRequest $request, RecordTaps $record): TapsAnswer
    {
        [$outcomes, $story] = $record($request->day(), $request->painter(), $request->taps());

        return new TapsAnswer(
            array_map(TapOutcome::of(...), $outcomes),
            LineBoard::of(($this->line)($request->day(), $request->painter(), $story)),
        );
    }
}
