<?php

declare(strict_types=1);

namespace App\Plan\Diary;

use App\Models\Account\User;
use App\Models\Plan\EventDay;
use App\Models\Plan\EventMoney;
use App\Models\Plan\EventPlan;
use App\Models\Plan\Shift;
use Core\Plan\Defaults;
use Core\Plan\Diary\Booking;
use Core\Plan\Diary\Clash;
use Core\Team\Role;
use Core\Units\Duration;
use Core\Units\Instant;
use Illuminate\Support\Collection;

/** What a team has taken on, and where that does not go together. */
final readonly class DiaryOfTeam
{
    /** So much of what is over still counts: the day before may run into this one. */
    private const BACK_MS = 86_400_000;

    /**
     * @param  list<Booking>  $more  that are only thought of
     * @param  list<string>  $without  days that they would stand for
     * @param  array<string, string>  $moreNames  of those that are only thought of, by id
     * @return list<ClashShown>
     */
    public function __invoke(string $teamId, array $more = [], array $without = [], array $moreNames = []): array
    {
        $days = EventDay::ofTeam($teamId)->where('closes_ms', '>', now()->getTimestampMs() - self::BACK_MS)
            ->orderBy('opens_ms')->get()->except($without);
        $ids = $days->pluck('id')->all();
        /** @var array<string, string> $painters */
        $painters = User::ofTeam($teamId)->whereNot('role', Role::Helper)->pluck('name', 'id')->all();
        $shifts = Shift::query()->whereIn('event_day_id', $ids)->get()->groupBy('event_day_id');
        $plans = EventPlan::query()->whereIn('event_day_id', $ids)->get()->keyBy('event_day_id');
        $money = EventMoney::query()->whereIn('event_day_id', $ids)->get()->keyBy('event_day_id');
        $bookings = $days->map(fn (EventDay $day): Booking => self::booking(
            $day,
            $shifts->get($day->id) ?? new Collection,
            $plans->get($day->id),
            $money->get($day->id),
        ));

        /** @var array<string, string> $names */
        $names = [...$moreNames, ...array_column($days->all(), 'name', 'id')];

        return array_map(
            static fn (Clash $clash): ClashShown => ClashShown::of($clash, $names, $painters),
            Clash::among([...array_values($bookings->all()), ...$more], count($painters)),
        );
    }

    /** One that is only thought of, as it would stand there. */
    public static function thought(string $id, int $opensMs, int $closesMs, string $place, int $chairs): Booking
    {
        return new Booking(
            id: $id,
            from: Instant::ofEpochMilliseconds($opensMs - 60_000 * Defaults::SET_UP_MINUTES),
            until: Instant::ofEpochMilliseconds($closesMs + 60_000 * Defaults::PACK_UP_MINUTES),
            place: $place,
            travel: Duration::ofMinutes(Defaults::TRAVEL_MINUTES),
            chairs: $chairs,
            painters: null,
        );
    }

    /** @param  Collection<int, Shift>  $shifts */
    private static function booking(EventDay $day, Collection $shifts, ?EventPlan $plan, ?EventMoney $money): Booking
    {
        $sitting = array_filter($shifts->pluck('painter_id')->unique()->all(), is_string(...));
        $isWayKnown = $money !== null && $money->travel_minutes > 0;

        return new Booking(
            id: $day->id,
            from: Instant::ofEpochMilliseconds($day->opens_ms - 60_000 * ($plan->set_up_minutes ?? Defaults::SET_UP_MINUTES)),
            until: Instant::ofEpochMilliseconds($day->closes_ms + 60_000 * ($plan->pack_up_minutes ?? Defaults::PACK_UP_MINUTES)),
            place: $day->place,
            travel: Duration::ofMinutes($isWayKnown ? $money->travel_minutes : Defaults::TRAVEL_MINUTES),
            chairs: $day->chairs,
            painters: $sitting === [] ? null : array_values($sitting),
        );
    }
}
