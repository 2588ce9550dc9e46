<?php

declare(strict_types=1);

namespace App\Account\Ways;

use App\Models\Account\PainterWays;
use App\Models\Account\User;
use App\Models\Bench\BenchTime;
use App\Models\Kit\KitItem;
use Core\Kit\BenchTimes;
use Core\Kit\Kit;
use Core\Units\Duration;
use Illuminate\Database\Eloquent\Collection;

/** The bench of a painter: the own bag beside the team's things, and the times of the painter's own hands. */
final readonly class BenchOfPainter
{
    /** Where painters have bags of their own, the seconds of steps are taken to be typed with the bag of the team's first painter. */
    public function __invoke(User $painter): PainterBench
    {
        $kit = $this->kit($painter->team_id);
        $first = $kit->isInSeveralBags() ? User::ofTeam($painter->team_id)->orderBy('id')->value('id') : $painter->id;

        return new PainterBench(
            kit: $kit->bagOf($painter->id),
            benchTimes: $this->times($painter),
            ways: $this->ways($painter),
            painterId: $painter->id,
            typedWith: is_string($first) && $first !== $painter->id ? $kit->bagOf($first) : null,
        );
    }

    /** A team's own, by which its plans are made whoever acts: the middle of its painters' hands, and bag and ways of its first painter. */
    public function ofTeam(string $teamId): PainterBench
    {
        /** @var list<string> $painters */
        $painters = User::ofTeam($teamId)->orderBy('id')->pluck('id')->all();
        $hands = BenchTime::query()->whereIn('user_id', $painters)->get()
            ->groupBy(static fn (BenchTime $time): string => $time->action->value);
        $middle = $hands->map(static fn (Collection $times): Duration => Duration::ofMilliseconds((int) $times->median('time_ms')));

        return new PainterBench(
            $this->kit($teamId)->bagOf($painters[0] ?? ''),
            new BenchTimes($middle->all()),
            PainterWays::query()->whereKey($painters[0] ?? '')->first() ?? new PainterWays,
        );
    }

    public function ways(User $painter): PainterWays
    {
        return PainterWays::query()->find($painter->id) ?? new PainterWays(['user_id' => $painter->id]);
    }

    /** All that a team owns, in whichever bag. */
    public function kit(string $teamId): Kit
    {
        $items = KitItem::ofTeam($teamId)->orderBy('name')->get();

        return new Kit(array_values($items->map(static fn (KitItem $item) => $item->toCore())->all()));
    }

    public function times(User $painter): BenchTimes
    {
        $own = [];
        foreach (BenchTime::query()->where('user_id', $painter->id)->get() as $time) {
            $own[$time->action->value] = Duration::ofMilliseconds($time->time_ms);
        }

        return new BenchTimes($own);
    }
}
