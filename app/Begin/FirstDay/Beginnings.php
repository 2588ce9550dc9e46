<?php

declare(strict_types=1);

namespace App\Begin\FirstDay;

use App\Account\Ways\BenchOfPainter;
use App\Bench\Designs\Designs;
use App\Bench\Designs\DesignStart;
use App\Exceptions\Conflict;
use App\Kit\Things\KitFile;
use App\Line\Taps\RecordTaps;
use App\Line\Taps\Tap;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Kit\KitItem;
use App\Models\Line\ChairEvent;
use App\Models\Plan\Beginning;
use App\Models\Plan\EventDay;
use App\Plan\Days\Days;
use App\Plan\Days\DayTerms;
use App\Plan\Days\MenuTerms;
use App\Plan\Days\SaveMenu;
use App\Plan\FacePlans\PlanTeamAnew;
use Core\Line\Defaults;
use Core\Line\EventKind;
use Core\Units\Duration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** The first day of a painter who is new here. */
final readonly class Beginnings
{
    public function __construct(
        private KitFile $kitFile,
        private Designs $designs,
        private Days $days,
        private SaveMenu $saveMenu,
        private RecordTaps $recordTaps,
        private BenchOfPainter $benchOfPainter,
    ) {}

    /** Gives a team a starter kit, the worked designs that it paints, a day with them on the menu, and an open line for now. */
    public function begin(User $painter, BeginTerms $terms): EventDay
    {
        return DB::transaction(function () use ($painter, $terms): EventDay {
            $had = self::things($painter->team_id);
            $this->kitFile->shipped($painter);
            $designs = $this->designs($painter, $terms->designs);
            $day = $this->day($painter, $terms, $designs);
            Beginning::ofTeam($painter->team_id)->create([
                'team_id' => $painter->team_id,
                'event_day_id' => $day->id,
                'design_ids' => array_column($designs, 'id'),
                'thing_ids' => array_values(array_diff(self::things($painter->team_id), $had)),
            ]);

            return $day;
        });
    }

    /**
     * @param  list<string>  $names
     * @return list<Design>
     */
    private function designs(User $painter, array $names): array
    {
        $bench = ($this->benchOfPainter)($painter);

        return array_map(fn (string $name): Design => $this->designs->start(
            $bench,
            $painter->team_id,
            new DesignStart(name: $name, placement: null, list: '', like: null, startingPoint: $name),
        ), $names);
    }

    /** @param  list<Design>  $designs */
    private function day(User $painter, BeginTerms $terms, array $designs): EventDay
    {
        $now = now()->getTimestampMs();
        $opens = $now - $now % 60_000;
        $day = $this->days->save(new EventDay(['team_id' => $painter->team_id]), new DayTerms(
            name: $terms->name,
            place: '',
            timezone: $terms->timezone,
            opensMs: $opens,
            closesMs: $opens + $terms->occasion->openFor()->milliseconds,
            chairs: $terms->hands,
            turnaround: Defaults::turnaround(),
        ));
        ($this->saveMenu)($day, array_map(
            static fn (Design $design): MenuTerms => new MenuTerms($design->id, self::promiseOf($design), null),
            $designs,
        ));
        ($this->recordTaps)($day, $painter, [Tap::of(['id' => Str::lower((string) Str::ulid()), 'kind' => 'opened', 'at' => $now])]);

        return $day;
    }

    /** Every worked design comes with a promise. */
    private static function promiseOf(Design $design): Duration
    {
        return Duration::ofMilliseconds($design->promise_ms ?? 5 * 60_000);
    }

    /** @return list<string> */
    private static function things(string $teamId): array
    {
        /** @var list<string> */
        return KitItem::ofTeam($teamId)->orderBy('id')->pluck('id')->all();
    }

    /**
     * Takes away what a team was given to begin with, as long as no child was seated; what was changed since is its own, and stays.
     *
     * @throws Conflict when a child was seated
     */
    public function throwAway(User $painter): void
    {
        DB::transaction(function () use ($painter): void {
            foreach (Beginning::ofTeam($painter->team_id)->lockForUpdate()->get() as $beginning) {
                $day = EventDay::ofTeam($painter->team_id)->find($beginning->event_day_id);
                if ($day !== null && self::isUsed($day)) {
                    throw Conflict::dayInUse($day->name);
                }
                $day?->delete();
                Design::ofTeam($painter->team_id)->whereIn('id', $beginning->design_ids)->where('revision', 1)->delete();
                KitItem::ofTeam($painter->team_id)->whereIn('id', $beginning->thing_ids)->whereColumn('updated_at', 'created_at')->delete();
                $beginning->delete();
            }
            PlanTeamAnew::dispatch($painter->team_id);
        });
    }

    private static function isUsed(EventDay $day): bool
    {
        return ChairEvent::query()->where('event_day_id', $day->id)->where('kind', EventKind::Seated)->exists();
    }
}
