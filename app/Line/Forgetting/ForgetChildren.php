<?php

declare(strict_types=1);

namespace App\Line\Forgetting;

use App\Line\Taps\LockLine;
use App\Models\Line\TextWish;
use App\Models\Line\Ticket;
use App\Models\Plan\EventDay;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\Expression;
use Illuminate\Support\Facades\DB;

/** What was said of children is kept no longer than it is needed. */
final readonly class ForgetChildren
{
    private const DAY_MS = 86_400_000;

    /** A line may be closed late, as with the jobs that this stands in for; and these are given an hour to do it themselves. */
    private const LEAST_MS = 7 * 3_600_000;

    public function __construct(private LockLine $lockLine) {}

    /**
     * Forgets the first names of the children of a day, or all that is known of one of them: from the taps, from what was kept of
     * their story, with the words about them and the phones that were told. What was painted stays, of nobody.
     */
    public function names(EventDay $day): void
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

    /**
     * A word about a child and a parent's phone are for the day only: afterwards they are gone, from the taps, from what was kept of
     * their story, and with all that was texted.
     */
    public function notes(EventDay $day): void
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

    /**
     * Forgets what a lost job has left: first names of days that are over for as long as their team keeps them, words and phones of others.
     *
     * @return int how many days had something left
     */
    public function overdue(): int
    {
        $nowMs = now()->getTimestampMs();
        $named = self::days(
            'closes_ms + greatest(?, names_days * ?) < ?',
            [self::LEAST_MS, self::DAY_MS + 3_600_000, $nowMs],
            static fn (Builder $taps) => $taps->whereNotNull('first_name'),
        );
        $noted = self::days(
            'closes_ms + ? < ?',
            [self::LEAST_MS, $nowMs],
            static fn (Builder $taps) => $taps->whereRaw("json_contains_path(more, 'one', '$.note')"),
            orPhones: true,
        );
        array_map($this->names(...), $named);
        array_map($this->notes(...), $noted);

        return count(array_unique(array_map(static fn (EventDay $day): string => $day->id, [...$named, ...$noted])));
    }

    /**
     * @param  list<int>  $bindings
     * @param  callable(Builder): Builder  $left  taps that say what should be gone
     * @return list<EventDay>
     */
    private static function days(string $areOver, array $bindings, callable $left, bool $orPhones = false): array
    {
        $teams = DB::table('teams')->join('event_days', 'event_days.team_id', '=', 'teams.id')->whereRaw($areOver, $bindings)
            ->where(static function (Builder $day) use ($left, $orPhones): void {
                $day->whereExists(static fn (Builder $taps) => $left(
                    $taps->from('chair_events')->whereColumn('chair_events.event_day_id', 'event_days.id'),
                ));
                if ($orPhones) {
                    $day->orWhereExists(static fn (Builder $wishes) => $wishes->from('text_wishes')
                        ->whereColumn('text_wishes.event_day_id', 'event_days.id'));
                }
            })->pluck('event_days.team_id', 'event_days.id')->all();
        $days = [];
        foreach ($teams as $id => $team) {
            $days[] = EventDay::ofTeam(is_string($team) ? $team : '')->withTrashed()->findOrFail($id);
        }

        return $days;
    }
}
