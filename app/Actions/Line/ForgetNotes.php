<?php

declare(strict_types=1);

namespace App\Actions\Line;

use App\Models\EventDay;
use Illuminate\Database\Query\Expression;
use Illuminate\Support\Facades\DB;

/** A word about a child is for the day only: afterwards it is gone, from the taps and from what was kept of their story. */
final readonly class ForgetNotes
{
    public function __invoke(EventDay $day): void
    {
        DB::transaction(static function () use ($day): void {
            EventDay::ofTeam($day->team_id)->whereKey($day->id)->lockForUpdate()->value('id');
            DB::table('chair_events')->where('event_day_id', $day->id)
                ->whereRaw("json_contains_path(more, 'one', '$.note')")
                ->update(['more' => new Expression("nullif(json_remove(more, '$.note'), '{}')")]);
            DB::table('line_stories')->where('event_day_id', $day->id)->delete();
        });
    }
}
