<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Plan\ForecastRead;
use App\Actions\Plan\PlayPlan;
use App\Actions\Plan\SavePlan;
use App\Actions\Plan\WatchDay;
use App\Http\Requests\BareTeamRequest;
use App\Http\Requests\Plan\PartyOrderRequest;
use App\Http\Requests\Plan\PlanRequest;
use App\Http\Resources\Plan\AirThen;
use App\Http\Resources\Plan\ChecklistSheet;
use App\Http\Resources\Plan\EventPlanSheet;
use App\Http\Resources\Plan\ForecastShown;
use App\Http\Resources\Plan\PartyOrderSheet;
use App\Http\Resources\Plan\PlayedDay;
use App\Queries\Plan\AirOfDay;
use App\Queries\Plan\ChecklistOfDay;
use App\Queries\Plan\OutlineOfDay;
use App\Queries\Plan\PartyOrderOfDay;
use App\Queries\Plan\PlanOfDay;
use Closure;
use Symfony\Component\HttpFoundation\StreamedResponse;

final readonly class PlanController
{
    public function __construct(private PlanOfDay $planOfDay, private OutlineOfDay $outlineOfDay, private PlayPlan $playPlan) {}

    public function show(BareTeamRequest $request): EventPlanSheet
    {
        return EventPlanSheet::of(($this->planOfDay)($request->day()));
    }

    public function update(PlanRequest $request, SavePlan $save): EventPlanSheet
    {
        $save($request->day(), $request->terms());

        return EventPlanSheet::of(($this->planOfDay)($request->day()));
    }

    /** @return list<AirThen> hour by hour; empty where nothing is known */
    public function air(BareTeamRequest $request, AirOfDay $air): array
    {
        return AirThen::all($air($request->day()));
    }

    public function checklist(BareTeamRequest $request, ChecklistOfDay $checklist): ChecklistSheet
    {
        return ChecklistSheet::of($checklist($request->day()));
    }

    public function partyOrder(PartyOrderRequest $request, PartyOrderOfDay $order): PartyOrderSheet
    {
        return PartyOrderSheet::of($order(
            day: $request->day(),
            list: $request->guests(),
            birthday: $request->birthday(),
            cakeMs: $request->cakeMs(),
            more: $request->more(),
        ));
    }

    /** A first answer at once, then one that stays, a line each. */
    public function forecast(PlanRequest $request): StreamedResponse
    {
        $outline = ($this->outlineOfDay)($request->day(), $request->terms());

        return self::lines(fn () => ($this->playPlan)($outline, self::tell(...), self::isHeard(...)));
    }

    /** What each change would bring, a line each. */
    public function levers(PlanRequest $request): StreamedResponse
    {
        $outline = ($this->outlineOfDay)($request->day(), $request->terms());

        return self::lines(fn () => $this->playPlan->levers($outline, self::tell(...)));
    }

    public function played(PlanRequest $request, WatchDay $watch): PlayedDay
    {
        return PlayedDay::of($watch(($this->outlineOfDay)($request->day(), $request->terms()), $request->like(), $request->next()));
    }

    /** @param  Closure(): void  $write */
    private static function lines(Closure $write): StreamedResponse
    {
        return response()->stream(static function () use ($write): void {
            ignore_user_abort(true);
            $write();
        }, 200, [
            'Content-Type' => 'application/x-ndjson',
            // Passed on line by line, not gathered by the web server.
            'X-Accel-Buffering' => 'no',
        ]);
    }

    /** Whether anybody still listens. */
    private static function tell(ForecastRead $read): bool
    {
        echo json_encode(ForecastShown::of($read), JSON_THROW_ON_ERROR);

        return self::isHeard();
    }

    /** An empty line tells nothing; that somebody is gone shows only when something is sent. */
    private static function isHeard(): bool
    {
        echo "\n";
        flush();

        return connection_aborted() === 0;
    }
}
