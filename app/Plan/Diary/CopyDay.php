<?php

declare(strict_types=1);

namespace App\Plan\Diary;

use App\Models\Plan\EventDay;
use App\Models\Plan\EventMoney;
use App\Models\Plan\EventPlan;
use App\Models\Plan\Shift;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/** Makes a day again on other dates: the same hours of the day, menu, roster, plan and money. */
final readonly class CopyDay
{
    /**
     * @param  list<string>  $dates  such as 2026-11-28, where the day is
     * @return list<EventDay> all of them or none
     */
    public function __invoke(EventDay $day, array $dates): array
    {
        return DB::transaction(fn (): array => array_map(fn (string $date): EventDay => $this->copy($day, $date), $dates));
    }

    private function copy(EventDay $day, string $date): EventDay
    {
        $zone = new DateTimeZone($day->timezone);
        $opens = self::local($day->opens_ms, $zone);
        $shift = new DateTimeImmutable("{$date} {$opens->format('H:i:s')}", $zone);
        $days = (int) (new DateTimeImmutable($opens->format('Y-m-d')))->diff(new DateTimeImmutable($date))->format('%r%a');
        // By the clock on the wall: an hour that the clocks change does not move the fair.
        $moved = static fn (int $ms): int => self::local($ms, $zone)->modify("{$days} days")->getTimestamp() * 1000;
        $copy = $day->replicate(['calendar_key', 'deleted_at']);
        $copy->fill(['opens_ms' => $shift->getTimestamp() * 1000, 'closes_ms' => $moved($day->closes_ms)])->save();
        foreach ($day->menuItems()->get() as $item) {
            $item->replicate()->fill(['event_day_id' => $copy->id])->save();
        }
        foreach (Shift::query()->where('event_day_id', $day->id)->get() as $sits) {
            // The beginning of the day is nought, on any day.
            $from = $sits->from_ms === 0 ? 0 : $moved($sits->from_ms);
            $sits->replicate()->fill(['event_day_id' => $copy->id, 'from_ms' => $from])->save();
        }
        $plan = EventPlan::query()->find($day->id);
        $stop = $plan?->stop_names_ms === null ? null : $moved($plan->stop_names_ms);
        $this->copyOne($plan, $copy, ['stop_names_ms' => $stop]);
        $this->copyOne(EventMoney::query()->find($day->id), $copy, []);

        return $copy;
    }

    /** @param  array<string, mixed>  $changed */
    private function copyOne(?Model $of, EventDay $copy, array $changed): void
    {
        $of?->replicate()->forceFill(['event_day_id' => $copy->id, ...$changed])->save();
    }

    private static function local(int $ms, DateTimeZone $zone): DateTimeImmutable
    {
        return (new DateTimeImmutable('@'.intdiv($ms, 1000)))->setTimezone($zone);
    }
}
