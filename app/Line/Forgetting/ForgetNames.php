<?php

declare(strict_types=1);

namespace App\Line\Forgetting;

use App\Line\Taps\LockLine;
use App\Models\Line\TextWish;
use App\Models\Line\Ticket;
use App\Models\Plan\EventDay;
use Illuminate\Database\Query\Expression;
use Illuminate\Support\Facades\DB;

/**
 * Forgets the first names of the children of a day, or all that is known of one of them: from the taps, from what was kept of
 * their story, with the words about them and the phones that were told. What was painted stays, of nobody.
 */
final readonly class ForgetNames
{
    public function __construct(private LockLine $lockLine) {}

    public function __invoke(EventDay $day): void
    {
        $this->forget($day, null);
    }

    /** @return bool false where that number was given to nobody on this day */
    public function ofChild(EventDay $day, int $number): bool
    {
        $ticket = Ticket::query()->where('event_day_id', $day->id)->where('number', $number)->value('id');
        if (! is_string($ticket)) {
            return false;
        }
        $this->forget($day, $ticket);

        return true;
    }

    private function forget(EventDay $day, ?string $ticket): void
    {
        DB::transaction(function () use ($day, $ticket): void {
            ($this->lockLine)($day);
            $events = DB::table('chair_events')->where('event_day_id', $day->id);
            $wishes = TextWish::query()->where('event_day_id', $day->id);
            if ($ticket !== null) {
                $events->where('ticket_id', $ticket);
                $wishes->where('ticket_id', $ticket);
            }
            $events->clone()->whereNotNull('first_name')->update(['first_name' => null]);
            $events->whereRaw("json_contains_path(more, 'one', '$.note')")
                ->update(['more' => new Expression("nullif(json_remove(more, '$.note'), '{}')")]);
            DB::table('line_stories')->where('event_day_id', $day->id)->delete();
            $wishes->delete();
        });
    }
}
