<?php

declare(strict_types=1);

namespace App\Plan\Packing;

use App\Account\Ways\BenchOfPainter;
use App\Line\Offered\DesignsOnDay;
use App\Models\Account\User;
use App\Models\Bench\FacePlan;
use App\Models\Kit\StockCount;
use App\Models\Plan\EventDay;
use App\Models\Plan\PackingExtra;
use App\Models\Plan\PackingTick;
use App\Plan\Days\DayFacts;
use App\Plan\Forecast\EventOutline;
use App\Plan\Forecast\OutlineOfDay;
use App\Plan\Forecast\OutlookOfDay;
use App\Plan\Forecast\TermsOfDay;
use Core\Plan\Defaults;
use Core\Plan\Simulation\InvalidScenario;
use Core\Supplies\FacesToBring;
use Core\Supplies\PackingList;
use Core\Supplies\Thrift;

/** What an event needs in the bag: from its menu, the faces that may come of it, and what the kit has. */
final readonly class PackingOfDay
{
    public function __construct(
        private TermsOfDay $termsOfDay,
        private OutlineOfDay $outlineOfDay,
        private OutlookOfDay $outlookOfDay,
        private DesignsOnDay $designsOnDay,
        private BenchOfPainter $benchOfPainter,
        private BagsOfDay $bagsOfDay,
        private StockOfDay $stockOfDay,
    ) {}

    /**
     * @param  EventOutline|null  $outline  where it is known already
     *
     * @throws InvalidScenario when the event cannot be played
     */
    public function __invoke(EventDay $day, ?EventOutline $outline = null): PackingRead
    {
        $outline ??= ($this->outlineOfDay)($day, ($this->termsOfDay)($day));
        $tally = ($this->outlookOfDay)($day, $outline)->tally;
        $faces = $tally->faces(Defaults::WANTED_CHANCE);
        $menu = $this->menu($day, $outline);
        $each = FacesToBring::of($faces, array_column($outline->scenario->menu, 'weight'), $outline->scenario->rules->contagion);
        $kit = $this->benchOfPainter->kit($day->team_id);
        $thrift = $this->thriftOfTeam($day->team_id);
        $toBring = $expected = [];
        foreach ($tally->byOffer() as $at => $painted) {
            if (isset($menu[$at])) {
                $toBring[] = [$menu[$at]->toDesign(), $each[$at]];
                $expected[] = [$menu[$at], $painted];
            }
        }
        /** @var list<string> $ticked */
        $ticked = PackingTick::query()->where('event_day_id', $day->id)->pluck('thing')->all();
        /** @var array<string, string> $painters */
        $painters = User::ofTeam($day->team_id)->pluck('name', 'id')->all();

        return new PackingRead(
            day: DayFacts::of($day),
            faces: $faces,
            things: PackingList::of($toBring, $faces, $kit, $thrift),
            extras: PackingExtra::ofTeam($day->team_id)->orderBy('id')->get()->all(),
            ticked: $ticked,
            kit: $kit,
            painters: $painters,
            thrift: $thrift,
            bags: ($this->bagsOfDay)($day->team_id, $outline, $expected, $kit),
            stock: ($this->stockOfDay)($day),
        );
    }

    /** @return array<int, FacePlan> by place in the scenario's menu */
    private function menu(EventDay $day, EventOutline $outline): array
    {
        $offered = ($this->designsOnDay)($day, []);
        $plans = FacePlan::query()->whereIn('id', array_column($offered, 'planId'))->get()->keyBy('id');
        $menu = [];
        foreach ($outline->scenario->menu as $at => $offer) {
            $plan = $plans->get($offered[$offer->id]->planId ?? '');
            if ($plan instanceof FacePlan) {
                $menu[$at] = $plan;
            }
        }

        return $menu;
    }

    /** How much a team uses up against the estimate: what it weighed after events says so. */
    private function thriftOfTeam(string $teamId): Thrift
    {
        $weighed = [];
        foreach (StockCount::query()->whereIn('event_day_id', EventDay::ofTeam($teamId)->select('id'))->get() as $count) {
            foreach ($count->content as $one) {
                if ($one['isWeighed'] && $one['before'] !== null && $one['left'] !== null) {
                    $weighed[] = [
                        'kind' => $one['kind'],
                        'estimated' => $one['estimated'],
                        'used' => (float) max(0, $one['before'] - $one['left']),
                    ];
                }
            }
        }

        return Thrift::learned($weighed);
    }
}
