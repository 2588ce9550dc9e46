<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Plan\Forecast\ReadPlanFile;
use Core\Kit\Kit;
use Core\Plan\EventPlan;
use Core\Plan\InvalidPlanFile;
use Core\Plan\Menu\BestMenu;
use Core\Plan\Menu\Candidate;
use Core\Plan\Menu\MenuCheck;
use Core\Plan\Menu\MenuFinding;
use Core\Plan\Menu\MenuGoal;
use Core\Plan\Menu\MenuOffer;
use Core\Plan\Menu\Promise;
use Core\Plan\Menu\RecommendedMenu;
use Core\Plan\Simulation\Scenario;
use Core\Plan\Simulation\Simulation;
use Core\Plan\Simulation\Tally;
use Illuminate\Console\Command;

/** Exit 0 when some menu lets everybody be painted with the wanted chance, 1 when none does, 2 on bad input. */
final class MenuOfEvent extends Command
{
    use ReadsFiles;

    private const RUNS = 400;

    protected $signature = 'inch:menu {file : an event plan (schemas/event-plan.v1.schema.json), or - for standard input}';

    protected $description = 'Look at the menu of an event, and print what speaks against it and the best of it as JSON';

    public function handle(ReadPlanFile $read): int
    {
        return $this->withFile(function (string $json) use ($read): int {
            $plan = $read($json);
            if (count($plan->candidates) > BestMenu::MOST) {
                throw InvalidPlanFile::at('/menu', 'more than '.BestMenu::MOST.' designs cannot be weighed at once. Take some out.');
            }
            $best = array_map(static fn (MenuGoal $goal): ?RecommendedMenu => self::best($plan, $goal), MenuGoal::cases());
            $this->line(json_encode([
                'offers' => array_map(static fn (MenuOffer $offer): array => self::offer($offer, $plan), $plan->offers),
                'findings' => array_map(
                    static fn (MenuFinding $finding): array => [
                        'rule' => $finding->rule,
                        'designs' => $finding->offers,
                        'says' => $finding->says,
                    ],
                    MenuCheck::of($plan->offers, Kit::empty()),
                ),
                'recommended' => array_combine(array_column(MenuGoal::cases(), 'value'), array_map(
                    static fn (?RecommendedMenu $one): ?array => $one === null ? null : self::recommended($plan, $one),
                    $best,
                )),
            ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR));

            return $best[0] === null ? self::FAILURE : self::SUCCESS;
        });
    }

    private static function best(EventPlan $plan, MenuGoal $goal): ?RecommendedMenu
    {
        return RecommendedMenu::of(
            scenario: $plan->scenario,
            candidates: $plan->candidates,
            goal: $goal,
            designs: $plan->designs,
            wantedChance: $plan->wantedChance,
            play: static fn (Scenario $scenario): Tally => (new Simulation($scenario, $plan->seed))->run(self::RUNS),
        );
    }

    /** @return array<string, mixed> */
    private static function offer(MenuOffer $offer, EventPlan $plan): array
    {
        $turnaround = $plan->scenario->turnaround;

        return [
            'name' => $offer->name,
            'eightOfTenBySeconds' => $offer->face->eightOfTen()->seconds(),
            'honestPromiseSeconds' => Promise::for($offer->face)->seconds(),
            'takingsAnHour' => round($offer->takingsAnHour($turnaround), 1),
            'shareIfPopular' => round($offer->shareIfPopular($plan->offers, $turnaround), 4),
        ];
    }

    /** @return array<string, mixed> */
    private static function recommended(EventPlan $plan, RecommendedMenu $best): array
    {
        $taken = $best->menu->rungs;
        ksort($taken);
        $name = static fn (Candidate $candidate): string => $candidate->id;

        return [
            'designs' => array_map(
                static fn (int $at, int $version): array => ['name' => $name($plan->candidates[$at]), 'version' => $version],
                array_keys($taken),
                $taken,
            ),
            'worth' => round($best->menu->worth, 4),
            'meanFaceSeconds' => $best->menu->meanFace->seconds(),
            'bearableFaceSeconds' => $best->bearable->seconds(),
            'chanceOfAll' => round($best->tally->chanceOfAll(), 4),
            'wishCosts' => $best->withoutWishes === null ? null : round($best->withoutWishes - $best->menu->worth, 4),
        ];
    }
}
