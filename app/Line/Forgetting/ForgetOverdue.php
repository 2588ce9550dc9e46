<?php

declare(strict_types=1);

namespace App\Line\Forgetting;

use App\Models\Plan\EventDay;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Forgets what a lost job has left: first names of days that are over for as long as their team keeps them, words and phones of others. */
final readonly class ForgetOverdue
{
    private const DAY_MS = 86_400_000;

    /** A line may be closed late, as with the jobs that this stands in for; and these are given an hour to do it themselves. */
    private const LEAST_MS = 7 * 3_600_000;

    public function __construct(private ForgetNames $forgetNames, private ForgetNotes $forgetNotes) {}

    /** @return int how many days had something left */
    public function __invoke(): int
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
        array_map($this->forgetNames->__invoke(...), $named);
        array_map($this->forgetNotes->__invoke(...), $noted);

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
