<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Logbook\Pace\LearnPaces;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Practice\PracticeRun;
use Core\Design\Place\Side;
use Core\Design\Step;
use Core\Design\StepValues;
use Core\Pace\Drill;
use Core\Timeline\StepTimes;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Evenings at the practice board: the same seed, the same evenings. Invented, for the demo only. */
final class DemoPractice
{
    private const DAY_MS = 86_400_000;

    private readonly Randomizer $chance;

    /** @var list<array<string, mixed>> */
    private array $rows = [];

    public function __construct(private readonly User $painter, private readonly int $nowMs, int $seed)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    /** @param  list<Design>  $designs */
    public function play(array $designs): void
    {
        // The side of the weaker hand began slower and catches up.
        foreach ([Side::Left, Side::Right] as $side) {
            $this->drill(drill: Drill::Teardrop, side: $side, times: 16, slowness: $side === Side::Left ? 1.75 : 1.45, daysAgo: 9);
            $this->drill(drill: Drill::Swirl, side: $side, times: 7, slowness: $side === Side::Left ? 1.5 : 1.3, daysAgo: 23);
        }
        $pup = array_values(array_filter($designs, static fn (Design $design): bool => $design->name === 'Seal pup'))[0];
        $whiskers = array_values(array_filter($pup->toCore()->steps, static fn (Step $step): bool => $step->name === 'Whiskers'))[0];
        $this->repeat(['design_id' => $pup->id, 'way' => StepValues::way($whiskers), 'side' => $whiskers->side], 18_000, 12, 4);
        PracticeRun::query()->insert($this->rows);
        app(LearnPaces::class)->ofDesign($pup);
    }

    private function drill(Drill $drill, Side $side, int $times, float $slowness, int $daysAgo): void
    {
        $first = (int) round(StepTimes::starting()->planned($drill->step($side))->duration->milliseconds * $slowness);
        $this->repeat(['drill' => $drill, 'side' => $side], $first, $times, $daysAgo);
    }

    /** @param  array<string, mixed>  $what */
    private function repeat(array $what, int $firstMs, int $times, int $daysAgo): void
    {
        for ($nth = 1; $nth <= $times; $nth++) {
            // Two evenings, a week apart.
            $day = $nth <= intdiv($times, 2) ? $daysAgo + 7 : $daysAgo;
            $this->rows[] = [
                'id' => PracticeRun::query()->newModelInstance()->newUniqueId(),
                'user_id' => $this->painter->id,
                'drill' => null,
                'design_id' => null,
                'way' => '',
                ...$what,
                'spent_ms' => (int) round($firstMs * $nth ** -0.2 * $this->chance->getInt(90, 114) / 100),
                'at_ms' => $this->nowMs - $day * self::DAY_MS + $nth * 40_000,
                'interrupted' => false,
            ];
        }
    }
}
