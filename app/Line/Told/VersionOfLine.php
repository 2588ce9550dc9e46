<?php

declare(strict_types=1);

namespace App\Line\Told;

use App\Logbook\Pace\LearnFromDay;
use App\Models\Account\User;
use App\Models\Plan\EventDay;
use Illuminate\Support\Facades\DB;

/** As long as it stays the same, so does what would be told of the line of a day. */
final readonly class VersionOfLine
{
    /** Each in one number, whatever the order of its rows. */
    private const PARTS = <<<'SQL'
        select
            (select coalesce(max(seq), 0) from chair_events where event_day_id = :day1) as events,
            (select bit_xor(crc32(concat_ws('|', id, design_id, position, promise_ms, ifnull(price_cents, '-'), ifnull(rung, '-'))))
                from menu_items where event_day_id = :day2) as menu,
            (select bit_xor(crc32(concat_ws('|', id, name, placement, ifnull(plan_id, '-')))) from designs
                where team_id = :team1) as designs,
            (select bit_xor(crc32(concat_ws('|', r.design_id, r.name, r.plan_id))) from design_rungs r
                join menu_items m on m.design_id = r.design_id and m.event_day_id = :day3) as rungs,
            (select bit_xor(crc32(concat_ws('|', p.design_id, p.painter_id, p.rung, p.plan_id))) from painter_plans p
                join menu_items m on m.design_id = p.design_id and m.event_day_id = :day4) as own,
            (select bit_xor(crc32(concat_ws('|', chair, ifnull(painter_id, '-'), from_ms))) from shifts
                where event_day_id = :day5) as shifts,
            (select bit_xor(crc32(concat_ws('|', id, name, role))) from users where team_id = :team2) as painters
        SQL;

    public function __invoke(EventDay $day, User $reader): LineVersion
    {
        return $this->version($day, $reader->role->paints());
    }

    /** Of what may be shown to those whom the team's money is no business of. */
    public function forHelper(EventDay $day): LineVersion
    {
        return $this->version($day, false);
    }

    private function version(EventDay $day, bool $paints): LineVersion
    {
        /** @var \stdClass&object{events: numeric-string} $parts */
        $parts = DB::selectOne(self::PARTS, [
            ...array_fill_keys(['day1', 'day2', 'day3', 'day4', 'day5'], $day->id),
            ...array_fill_keys(['team1', 'team2'], $day->team_id),
        ]);
        $newest = (int) $parts->events;
        unset($parts->events);
        $facts = [
            $day->id, $day->name, $day->place, $day->timezone, $day->opens_ms, $day->closes_ms, $day->chairs, $day->turnaround_ms,
            $paints, LearnFromDay::progress($day->id),
        ];

        return new LineVersion($newest, hash('xxh128', json_encode([$parts, $facts], JSON_THROW_ON_ERROR)));
    }
}
