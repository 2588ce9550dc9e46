<?php

declare(strict_types=1);

namespace App\Plan\Earlier;

use App\Line\Taps\EventRow;
use App\Models\Menu\MenuItem;
use App\Models\Plan\EventDay;
use App\Models\Plan\EventPlan;
use Core\Line\Ahead\Spread;
use Core\Line\EventKind;
use Core\Plan\BookingKind;
use Core\Plan\Defaults;
use Core\Plan\Logged\HowItEnded;
use Core\Plan\Logged\LastLines;
use Core\Plan\Logged\LoggedChild;
use Core\Plan\Logged\LoggedLine;
use Core\Units\Duration;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** The open lines of a team's last days. A party's children come at once: they say nothing of a line. */
final readonly class LastLinesOfTeam
{
    private const DAYS = 5;

    /** Fewer children say nothing. */
    private const LEAST = 20;

    private const KINDS = [
        EventKind::Joined, EventKind::Seated, EventKind::Left, EventKind::NoShow, EventKind::Removed, EventKind::Undone,
    ];

    /** A day that is over is learned from soon enough. */
    private const KEPT_SECONDS = 900;

    /** @return LastLines|null null while too little is logged */
    public function __invoke(string $teamId): ?LastLines
    {
        $sold = MenuItem::query()->whereNotNull('price_cents')->select('event_day_id');
        $parties = EventPlan::query()->where('kind', BookingKind::Party)->select('event_day_id');
        $days = EventDay::ofTeam($teamId)->where('closes_ms', '<', now()->getTimestampMs())
            ->where(static function (Builder $either) use ($sold): void {
                $either->where('chairs', '>', 1)->orWhereIn('id', $sold);
            })
            ->where(static function (Builder $open) use ($parties): void {
                $open->whereNotIn('id', $parties);
            })
            ->orderByDesc('opens_ms')->limit(self::DAYS)->get();
        $lines = array_map(self::line(...), $days->all());
        $lines = array_values(array_filter($lines, static fn (LoggedLine $line): bool => $line->children !== []));
        $last = $lines === [] ? null : new LastLines($lines);

        return $last !== null && $last->count() >= self::LEAST ? $last : null;
    }

    private static function line(EventDay $day): LoggedLine
    {
        /** @var list<\stdClass&object{id: string, kind: string, at_ms: int, ticket_id: string|null, design_id: string|null,
         *     target_id: string|null, more: string|null}> $rows
         */
        $rows = DB::table('chair_events')->where('event_day_id', $day->id)
            ->whereIn('kind', array_column(self::KINDS, 'value'))->orderBy('at_ms')->orderBy('id')
            ->get(['id', 'kind', 'at_ms', 'ticket_id', 'design_id', 'target_id', 'more'])->all();
        $undone = array_fill_keys(array_filter(array_column($rows, 'target_id'), is_string(...)), true);
        $of = [];
        foreach ($rows as $row) {
            if (! isset($undone[$row->id]) && $row->ticket_id !== null) {
                $of[$row->ticket_id][$row->kind] = $row;
            }
        }
        $joined = array_filter($of, static fn (array $taps): bool => isset($taps[EventKind::Joined->value]));

        return new LoggedLine(
            Duration::ofMilliseconds($day->closes_ms - $day->opens_ms),
            array_values(array_map(static fn (array $taps): LoggedChild => self::child($day, $taps), $joined)),
        );
    }

    /**
     * @param  non-empty-array<string, \stdClass&object{at_ms: int, design_id: string|null, more: string|null}>  $taps  by kind
     */
    private static function child(EventDay $day, array $taps): LoggedChild
    {
        $joined = $taps[EventKind::Joined->value];
        $party = EventRow::more($joined->more)['party'] ?? null;
        [$ended, $until] = match (true) {
            isset($taps[EventKind::Seated->value]) => [HowItEnded::Seated, $taps[EventKind::Seated->value]->at_ms],
            isset($taps[EventKind::Left->value]) => [HowItEnded::GaveUp, $taps[EventKind::Left->value]->at_ms],
            isset($taps[EventKind::NoShow->value]) => [HowItEnded::NotThere, $taps[EventKind::NoShow->value]->at_ms],
            default => [HowItEnded::Untold, $joined->at_ms],
        };

        return new LoggedChild(
            came: min(1.0, max(0.0, ($joined->at_ms - $day->opens_ms) / max(1, $day->closes_ms - $day->opens_ms))),
            party: is_string($party) ? $party : null,
            design: (string) $joined->design_id,
            waited: Duration::ofMilliseconds(max(0, $until - $joined->at_ms)),
            ended: $ended,
        );
    }

    /**
     * How the children of a team's lines behave, by its last days.
     *
     * @return array{notThere: int, contagion: float} thousandths of them who are not there when they are called, and by what part of
     *     the menu's weight each choice adds to its own
     */
    public function habits(string $teamId): array
    {
        /** @var array{notThere: int, contagion: float} $habits */
        $habits = Cache::remember("habits-of-lines-{$teamId}", self::KEPT_SECONDS, function () use ($teamId): array {
            $last = ($this)($teamId);

            return [
                'notThere' => $last?->notThere() ?? Spread::NOT_THERE,
                'contagion' => $last?->contagion() ?? Defaults::CONTAGION,
            ];
        });

        return $habits;
    }
}
