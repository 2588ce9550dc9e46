<?php

declare(strict_types=1);

namespace App\Line\Told;

use App\Http\Requests\BareTeamRequest;
use App\Line\Offered\PicturesOfMenu;
use App\Line\Offered\PublicPicture;
use App\Line\Taps\RecordTaps;
use App\Line\Taps\RecordTapsRequest;
use App\Line\Taps\TapsAnswer;
use App\Plan\FacePlans\Plan;
use App\Plan\FacePlans\PlanRead;
use App\Plan\FacePlans\PlansOfDay;
use Illuminate\Http\JsonResponse;

final readonly class LineController
{
    public function __construct(private NewsOfLine $news) {}

    /** Nothing is told anew to whoever has it already; what time it is is told each time. */
    public function show(BareTeamRequest $request, VersionOfLine $version, LineOfDay $line): JsonResponse
    {
        $answer = new JsonResponse;
        $answer->setEtag((string) $version($request->day(), $request->painter()))
            ->headers->set('X-Now', (string) now()->getTimestampMs());
        if (! $answer->isNotModified($request)) {
            $answer->setData(LineBoard::of($line($request->day(), $request->painter())));
        }

        return $answer;
    }

    /** As short as can be for whoever says what is at hand. */
    public function news(LineNewsRequest $request): LineNews
    {
        return ($this->news)($request->day(), $request->painter(), $request->since());
    }

    /** @return list<Plan> */
    public function plans(BareTeamRequest $request, PlansOfDay $plans): array
    {
        return array_map(Plan::of(...), $plans($request->day(), $request->painter()->id));
    }

    /** @return list<PublicPicture> of the menu, for whoever takes names and does not paint */
    public function pictures(BareTeamRequest $request, PicturesOfMenu $pictures): array
    {
        $seen = static fn (PlanRead $plan): PublicPicture => PublicPicture::of($plan, $plan->designId);

        return array_map($seen, $pictures($request->day()));
    }

    public function store(RecordTapsRequest $request, RecordTaps $record): TapsAnswer
    {
        $outcomes = $record($request->day(), $request->painter(), $request->taps());

        return new TapsAnswer(
            $outcomes,
            ($this->news)($request->day(), $request->painter(), $request->since()),
        );
    }
}
