<?php

declare(strict_types=1);

namespace App\Plan\Money;

use App\Models\Account\Team;
use App\Models\Plan\EventDay;
use App\Models\Plan\EventMoney;
use App\Plan\Days\DayFacts;
use App\Plan\Forecast\EventOutline;
use App\Plan\Forecast\OfferedTimes;
use App\Plan\Forecast\OutlineOfDay;
use App\Plan\Forecast\OutlookOfDay;
use App\Plan\Forecast\TermsOfDay;
use Core\Plan\Money\Costs;
use Core\Plan\Money\FaceOrHour;
use Core\Plan\Money\FacePrice;
use Core\Plan\Money\Quote;
use Core\Plan\Money\Work;
use Core\Plan\Simulation\InvalidScenario;
use Core\Units\Duration;

/** What an event costs and brings: what to ask for it, for a face of it, and how it is better paid. */
final readonly class MoneyOfDay
{
    public function __construct(private TermsOfDay $termsOfDay, private OutlineOfDay $outlineOfDay, private OutlookOfDay $outlookOfDay) {}

    /**
     * @param  MoneyTerms|null  $tried  in place of what was kept
     *
     * @throws InvalidScenario when the event cannot be played
     */
    public function __invoke(EventDay $day, ?MoneyTerms $tried = null): MoneyRead
    {
        $team = Team::query()->findOrFail($day->team_id);
        $terms = $tried ?? new MoneyTerms(
            $team->toRates(),
            EventMoney::query()->find($day->id)?->toCore() ?? Costs::none(),
        );
        $plan = ($this->termsOfDay)($day);
        $outline = ($this->outlineOfDay)($day, $plan);
        $outlook = ($this->outlookOfDay)($day, $outline);
        $work = self::work($outline);
        $menu = self::playedMenu($outline);

        return new MoneyRead(
            day: DayFacts::of($day),
            currency: $team->currency,
            plan: $plan,
            terms: $terms,
            work: $work,
            outlook: $outlook,
            menu: $menu,
            minutes: array_map(
                static fn (OfferedTimes $offered): float => $offered->team[0]->middle->plus($outlook->scenario->turnaround)->seconds() / 60,
                $menu,
            ),
            quote: Quote::of($terms->rates, $terms->costs, $work, (int) round($outlook->tally->meanFaces())),
            price: FacePrice::of($terms->rates, $terms->costs, $work),
            faceOrHour: $outlook->tally->meanTakings() > 0 ? FaceOrHour::of(
                rates: $terms->rates,
                costs: $terms->costs,
                work: $work,
                offeredHour: $terms->costs->offeredHour ?? $terms->rates->hour,
                tally: $outlook->tally,
            ) : null,
        );
    }

    private static function work(EventOutline $outline): Work
    {
        $painting = 0;
        foreach ($outline->scenario->artists as $artist) {
            foreach ($artist->shifts as [$from, $until]) {
                $painting += $until - $from;
            }
        }

        return new Work(
            painting: Duration::ofMilliseconds($painting),
            around: Duration::ofMinutes($outline->terms->setUpMinutes + $outline->terms->packUpMinutes),
            artists: count($outline->scenario->artists),
        );
    }

    /** @return list<OfferedTimes> without what a lever took off it */
    private static function playedMenu(EventOutline $outline): array
    {
        $byId = [];
        foreach ($outline->menu as $offered) {
            $byId[$offered->offer->id] = $offered;
        }

        return array_map(static fn ($offer): OfferedTimes => $byId[$offer->id], $outline->scenario->menu);
    }
}
