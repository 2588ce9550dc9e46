<?php

declare(strict_types=1);

namespace App\Plan\Before;

use App\Logbook\Pace\PacesOfDesign;
use App\Models\Menu\MenuItem;
use App\Models\Plan\EventDay;
use App\Plan\Days\DayFacts;
use App\Plan\Days\DaySummary;
use App\Plan\Days\RosterOfDay;
use App\Plan\Diary\ClashShown;
use App\Plan\Diary\DiaryOfTeam;
use App\Plan\Forecast\EventOutline;
use App\Plan\Forecast\OfferedTimes;
use App\Plan\Forecast\OutlineOfDay;
use App\Plan\Forecast\OutlookOfDay;
use App\Plan\Forecast\PlanTerms;
use App\Plan\Forecast\TermsOfDay;
use App\Plan\Packing\BagsRead;
use App\Plan\Packing\PackingOfDay;
use Core\Kit\Item;
use Core\Kit\Kit;
use Core\Plan\Checklist\Check;
use Core\Plan\Checklist\CheckKind;
use Core\Plan\Checklist\Checklist;
use Core\Plan\Simulation\FaceTime;
use Core\Plan\Simulation\InvalidScenario;
use Core\Supplies\Defaults as SuppliesDefaults;
use Core\Supplies\Packed;
use Core\Supplies\Unit;
use Core\Surface\WorkingAir;
use Core\Units\Duration;
use DateTimeImmutable;
use DateTimeZone;

/** What to look at before an event day, made from its menu, roster, plan, stock, diary and weather. */
final readonly class ChecklistOfDay
{
    public function __construct(
        private TermsOfDay $termsOfDay,
        private OutlineOfDay $outlineOfDay,
        private OutlookOfDay $outlookOfDay,
        private RosterOfDay $rosterOfDay,
        private DiaryOfTeam $diaryOfTeam,
        private PackingOfDay $packingOfDay,
        private WeatherOfDay $weatherOfDay,
        private PacesOfDesign $pacesOfDesign,
    ) {}

    public function __invoke(EventDay $day): ChecklistSheet
    {
        $terms = ($this->termsOfDay)($day);
        $air = ($this->weatherOfDay)($day, $terms);
        try {
            $checks = $this->checks($day, $terms, $air);
        } catch (InvalidScenario $impossible) {
            $checks = [new Check(CheckKind::Chance, false, $impossible->getMessage())];
        }

        return new ChecklistSheet(
            DaySummary::of(DayFacts::of($day)),
            array_map(static fn (Check $check): array => [
                'kind' => $check->kind, 'isFine' => $check->isFine, 'says' => $check->says,
            ], $checks),
            AirThen::all($air),
        );
    }

    /**
     * @param  array<int, WorkingAir>  $air
     * @return list<Check>
     *
     * @throws InvalidScenario when the event cannot be played
     */
    private function checks(EventDay $day, PlanTerms $terms, array $air): array
    {
        $outline = ($this->outlineOfDay)($day, $terms);
        $packing = ($this->packingOfDay)($day, $outline);

        return [
            $this->chance($day, $outline),
            Checklist::menu($this->menu($day, $outline)),
            $this->roster($day, $terms),
            $this->diary($day),
            Checklist::stock(self::short($packing->things)),
            ...self::bags($packing->bags),
            Checklist::packed(count($packing->ticked), count($packing->things) + count($packing->extras)),
            ...array_map(
                static fn (Packed $water): Check => Checklist::water((int) $water->amount, SuppliesDefaults::LITRES_A_WATER),
                array_values(array_filter($packing->things, static fn (Packed $thing): bool => $thing->kind === 'water')),
            ),
            ...self::weather($air, $day->timezone),
            Checklist::ages($terms->ages, self::longer($terms, $outline)),
            Checklist::cautions(self::hasLatex($packing->kit)),
        ];
    }

    private function chance(EventDay $day, EventOutline $outline): Check
    {
        $outlook = ($this->outlookOfDay)($day, $outline);
        $stops = $outlook->scenario->rules->stopNamesAt;

        return Checklist::chance(
            $outlook->tally->chanceOfAll(),
            $outlook->wantedChance,
            $stops === null ? null : self::clock($outline->opens->plus($stops)->epochMilliseconds, $day->timezone),
        );
    }

    /** @return list<array{name: string, promise: Duration, face: FaceTime, readyAfter: int|null}> */
    private function menu(EventDay $day, EventOutline $outline): array
    {
        /** @var array<string, MenuItem> $items */
        $items = $day->menuItems->keyBy('design_id')->all();
        $paces = $this->pacesOfDesign->ofDesigns(array_keys($items), null);
        $menu = [];
        foreach ($outline->menu as $offered) {
            $item = $items[$offered->offer->id] ?? null;
            if ($item === null) {
                continue;
            }
            $promise = Duration::ofMilliseconds($item->promise_ms);
            $ready = array_map(
                static fn ($pace): ?int => $pace->readyAfter($promise),
                array_values($paces[$offered->offer->id]['faces'] ?? []),
            );
            $menu[] = ['name' => $offered->name, 'promise' => $promise, 'face' => $offered->team[0], 'readyAfter' => $ready[0] ?? null];
        }

        return $menu;
    }

    private function roster(EventDay $day, PlanTerms $terms): Check
    {
        $roster = ($this->rosterOfDay)($day);
        $names = [];
        foreach ($roster->shifts as $shift) {
            $names[$shift->chair] ??= $roster->painters[$shift->painter ?? ''] ?? null;
        }

        return Checklist::roster(array_values(array_filter($names, is_string(...))), $terms->chairs, $roster->isAssumed);
    }

    private function diary(EventDay $day): Check
    {
        $with = static fn (ClashShown $clash): ?string => match ($day->id) {
            $clash->firstId => $clash->secondName,
            $clash->secondId => $clash->firstName,
            default => null,
        };

        return Checklist::diary(array_values(array_filter(array_map($with, ($this->diaryOfTeam)($day->team_id)), is_string(...))));
    }

    /**
     * @param  list<Packed>  $things
     * @return list<string>
     */
    private static function short(array $things): array
    {
        $short = array_filter($things, static fn (Packed $thing): bool => $thing->short() > 0.0);

        return array_values(array_map(static fn (Packed $thing): string => match (true) {
            ! $thing->isInKit => "{$thing->name} (not in the kit)",
            $thing->unit === Unit::Grams => "{$thing->name} ".ceil($thing->short()).' g',
            default => "{$thing->name} ".ceil($thing->short()),
        }, $short));
    }

    /** @return list<Check> none where one paints alone */
    private static function bags(BagsRead $bags): array
    {
        if (count($bags->names) < 2) {
            return [];
        }
        $shared = array_map(
            static fn ($tool): string => "“{$tool->tool->name}”, {$tool->waitPerFace->format()} a face",
            array_slice($bags->shared, 0, 2),
        );
        $lacking = array_map(
            static fn (string $artist, array $things): string => "{$bags->names[$artist]} has no own ".implode(' and ', $things),
            array_keys($bags->lacking),
            $bags->lacking,
        );
        $said = [...($shared === [] ? [] : ['One in several hands: '.implode('; ', $shared)]), ...$lacking];

        return [$said === []
            ? new Check(CheckKind::Bags, true, 'Nobody waits for another one’s brushes.')
            : new Check(CheckKind::Bags, $shared === [], implode('. ', $said).'.')];
    }

    /**
     * @param  array<int, WorkingAir>  $air
     * @return list<Check>
     */
    private static function weather(array $air, string $timezone): array
    {
        if ($air === []) {
            return [];
        }
        $factor = static fn (WorkingAir $one): float => $one->weather->dryingFactor();
        uasort($air, static fn (WorkingAir $one, WorkingAir $other): int => $factor($other) <=> $factor($one));
        $quickest = reset($air);
        $slowest = end($air);
        // The hour that asks for most is told of.
        $told = $quickest->isQuick() || ! ($slowest->isSlow() || $slowest->isSticky()) ? $quickest : $slowest;
        $at = count($air) > 1 ? 'About '.self::clock((int) array_search($told, $air, true), $timezone).': ' : '';

        return [new Check(CheckKind::Weather, ! ($told->isQuick() || $told->isSlow() || $told->isSticky()), $at.$told->says())];
    }

    /** @return list<string> */
    private static function longer(PlanTerms $terms, EventOutline $outline): array
    {
        $longer = $terms->ages === null ? [] : array_filter(
            $outline->menu,
            static fn (OfferedTimes $offered): bool => $offered->team[0]->middle->isLongerThan($terms->ages->sits()),
        );

        return array_values(array_map(static fn (OfferedTimes $offered): string => $offered->name, $longer));
    }

    private static function hasLatex(Kit $kit): bool
    {
        return array_filter($kit->items, static fn (Item $item): bool => $item->hasLatex && $item->howMany > 0) !== [];
    }

    private static function clock(int $ms, string $timezone): string
    {
        return (new DateTimeImmutable('@'.intdiv($ms, 1000)))->setTimezone(new DateTimeZone($timezone))->format('H:i');
    }
}
