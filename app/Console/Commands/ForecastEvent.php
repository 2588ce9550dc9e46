<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Plan\Forecast\PlayDays;
use App\Plan\Forecast\ReadPlanFile;
use Core\Plan\EventPlan;
use Core\Plan\Outlook;
use Core\Plan\PulledLever;
use Core\Plan\Simulation\Offer;
use Core\Plan\Simulation\Scenario;
use Core\Plan\Simulation\Tally;
use Core\Units\Duration;
use Illuminate\Console\Command;

/** Exit 0 when everybody is painted with the wanted chance, 1 when not, 2 on bad input. */
final class ForecastEvent extends Command
{
    use ReadsFiles;

    protected $signature = 'inch:forecast {file : an event plan (schemas/event-plan.v1.schema.json), or - for standard input}
        {--no-levers : leave out what each change would bring}';

    protected $description = 'Play an event through many times, and print what may come of it as JSON: faces, waits, chances, takings';

    public function handle(ReadPlanFile $read, PlayDays $playDays): int
    {
        return $this->withFile(function (string $json) use ($read, $playDays): int {
            $plan = $read($json);
            $outlook = Outlook::of(
                $plan->scenario,
                $plan->wantedChance,
                static fn (Scenario $scenario): Tally => $playDays($scenario, $plan->seed, $plan->runs),
            );
            $levers = $this->option('no-levers') === true
                ? []
                : PulledLever::all($plan->scenario, $plan->helperTakes, $plan->wantedChance, $plan->seed);
            $this->line(json_encode([
                ...self::told($plan, $outlook),
                'line' => self::lineLength($plan, $outlook->tally),
                'designs' => self::designs($plan, $outlook->tally),
                'artists' => self::artists($plan, $outlook->tally),
                'levers' => array_map(
                    static fn (PulledLever $lever): array => [
                        'lever' => $lever->kind->value,
                        ...self::told($plan, $lever->outlook, $lever->kind->opensEarlier()),
                    ],
                    $levers,
                ),
                'assumed' => $plan->assumed,
            ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR));

            return $outlook->isKept() ? self::SUCCESS : self::FAILURE;
        });
    }

    /** @return array<string, mixed> */
    private static function told(EventPlan $plan, Outlook $outlook, ?Duration $earlier = null): array
    {
        $tally = $outlook->tally;
        $clock = static fn (?Duration $after): ?string => $after === null ? null : $plan->clock($after, $earlier);

        return [
            'runs' => $tally->count(),
            'chanceOfAll' => round($tally->chanceOfAll(), 4),
            'latestName' => $clock($outlook->latestName),
            'namesStopAt' => $clock($outlook->scenario->rules->stopNamesAt),
            'tooLate' => round($outlook->tooLate(), 2),
            'faces' => ['mean' => round($tally->meanFaces(), 2), 'anHour' => round($outlook->facesAnHour(), 2),
                'oneOfTen' => $tally->faces(0.1), 'half' => $tally->faces(0.5), 'nineOfTen' => $tally->faces(0.9)],
            'waitSeconds' => ['mean' => $tally->meanWait()->seconds(), 'half' => $tally->wait(0.5)->seconds(),
                'eightOfTen' => $tally->wait(0.8)->seconds(), 'nineOfTen' => $tally->wait(0.9)->seconds()],
            'lost' => ['balked' => round($tally->lost('balked'), 2), 'left' => round($tally->lost('left'), 2),
                'unpainted' => round($tally->lost('unpainted'), 2)],
            'takings' => [
                'mean' => round($tally->meanTakings(), 2),
                'oneOfTen' => $tally->takings(0.1),
                'nineOfTen' => $tally->takings(0.9),
            ],
            'lastFace' => ['half' => $clock($tally->end(0.5)), 'nineOfTen' => $clock($tally->end(0.9))],
            'idleSeconds' => $tally->idle()->seconds(),
            'overtimeSeconds' => $tally->overtime()->seconds(),
            'look' => round($tally->look(), 4),
            'quickShare' => round($tally->quickShare(), 4),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function lineLength(EventPlan $plan, Tally $tally): array
    {
        return array_map(static fn (int $at, int $half, int $most): array => [
            'at' => $plan->clock(Duration::ofMilliseconds($at * Tally::LINE_EVERY)),
            'half' => $half,
            'nineOfTen' => $most,
        ], array_keys($tally->line(0.5)), $tally->line(0.5), $tally->line(0.9));
    }

    /** @return list<array<string, mixed>> */
    private static function designs(EventPlan $plan, Tally $tally): array
    {
        return array_map(
            static fn (Offer $offer, float $faces): array => ['name' => $offer->id, 'faces' => round($faces, 2)],
            $plan->scenario->menu,
            $tally->byOffer(),
        );
    }

    /** @return list<array<string, mixed>> */
    private static function artists(EventPlan $plan, Tally $tally): array
    {
        $artists = $plan->scenario->artists;

        return array_map(static fn (int $at): array => [
            'name' => $artists[$at]->id,
            'lastFace' => ['half' => $plan->clock($tally->endOf($at, 0.5)), 'nineOfTen' => $plan->clock($tally->endOf($at, 0.9))],
        ], array_keys($artists));
    }
}
