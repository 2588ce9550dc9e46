<?php

declare(strict_types=1);

namespace App\Line\Forgetting;

use App\Line\Taps\LockLine;
use App\Models\Line\TextWish;
use App\Models\Plan\EventDay;
use Illuminate\Database\Query\Expression;
use Illuminate\Support\Facades\DB;

/**
 * A word about a child and a parent's phone are for the day only: afterwards they are gone, from the taps, from what was kept of
 * their story, and with all that was texted.
 */
final readonly class ForgetNotes
{
    public function __construct(private LockLine $lockLine) {}

    public function __invoke(EventDay $day): void
    {
        DB::transaction(function () use ($day): void {
            ($this->lockLine)($day);
            DB::table('chair_events')->where('event_day_id', $day->id)
                ->whereRaw("json_contains_path(more, 'one', '$.note')")
                ->update(['more' => new Expression("nullif(json_remove(more, '$.note'), '{}')")]);
            DB::table('line_stories')->where('event_day_id', $day->id)->delete();
            TextWish::query()->where('event_day_id', $day->id)->delete();
        });
    }
}
