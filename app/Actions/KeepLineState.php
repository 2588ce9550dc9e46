<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\EventDay;
use Core\Line\Defaults;
use Core\Line\Line;
use Illuminate\Database\Query\Expression;
use Illuminate\Support\Facades\DB;

/** Keeps where the fold of a day stands, so that the next tap need not begin at the first one. Runs while the day is locked. */
final readonly class KeepLineState
{
    /** @param  Line  $line folded from every event of the day */
    public function __invoke(EventDay $day, Line $line): void
    {
        $newest = DB::table('chair_events')->where('event_day_id', $day->id)->selectRaw('coalesce(max(seq), 0)');
        DB::table('line_states')->upsert([[
            'event_day_id' => $day->id,
            'seq' => new Expression("({$newest->toRawSql()})"),
            'shape' => config('line.shape'),
            'state' => gzdeflate(serialize($line->forgetting(Defaults::ENDED_SHOWN)), 1),
        ]], 'event_day_id');
    }
}
