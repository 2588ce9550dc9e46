<?php

declare(strict_types=1);

namespace App\Line\Taps;

use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Bench\FacePlan;
use App\Models\Plan\EventDay;
use Closure;
use Core\Line\Defaults;
use Core\Line\EventKind;
use Core\Team\Role;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * Looks at the taps of one batch: does each speak of things that are there, and are this team's?
 *
 * @phpstan-type Facts stdClass&object{
 *     taps: int, first: int|null, last: int|null, wishes: int, tickets: string|null, events: string|null
 * }
 */
final class TapGate
{
    /** A browser's clock may run this far ahead of the server's. */
    private const AHEAD_MS = 2 * 60_000;

    /** Names may be taken this long before a day opens. */
    private const EARLY_MS = 24 * 3_600_000;

    private const LONGEST_BREAK_MS = 12 * 3_600_000;

    /** @var array<string, string> day by ticket id */
    private array $ticketDays = [];

    /** @var array<string, string> day by event id */
    private array $eventDays = [];

    /** @var array<string, EventKind> by event id */
    private array $eventKinds = [];

    /** @var array<string, true> */
    private array $designs = [];

    /** @var array<string, string> the design of each */
    private array $plans = [];

    /** @var array<string, true> */
    private array $painters = [];

    /** A day that was moved when its line had begun goes on as it was. */
    private readonly int $earliestMs;

    /** Numbers given on this day, and taps on it. */
    private int $numbers;

    private int $count;

    /** Whether anybody wishes to be texted on this day. */
    public readonly bool $hasWishes;

    /** Children who wait: before these taps, and brought by them. */
    private ?int $waitingBefore = null;

    private int $joined = 0;

    /**
     * @param  list<Tap>  $taps
     * @param  int  $counted  how many are counted to those of the day already, and are not admitted yet
     * @param  Facts  $facts  as asked for by facts(), once the line is locked
     * @param  Closure(): int  $waiting  how many children wait; asked only where that could be too many
     */
    public function __construct(
        private readonly EventDay $day,
        private readonly Role $role,
        array $taps,
        int $counted,
        stdClass $facts,
        private readonly int $nowMs,
        private readonly Closure $waiting,
    ) {
        $said = array_column($taps, 'said');
        $this->earliestMs = min($day->opens_ms, $facts->first ?? $day->opens_ms) - self::EARLY_MS;
        $this->count = $facts->taps - $counted;
        $this->numbers = $facts->last ?? 0;
        $this->hasWishes = $facts->wishes === 1;
        /** @var array<string, string> $tickets */
        $tickets = json_decode($facts->tickets ?? '{}', true, flags: JSON_THROW_ON_ERROR);
        $this->ticketDays = $tickets;
        /** @var array<string, array{string, string}> $events */
        $events = json_decode($facts->events ?? '{}', true, flags: JSON_THROW_ON_ERROR);
        foreach ($events as $id => [$eventDay, $kind]) {
            $this->eventDays[$id] = $eventDay;
            $this->eventKinds[$id] = EventKind::from($kind);
        }
        $this->designs = $this->designsOfTeam(array_column($said, 'design'));
        $this->plans = $this->plansOfTeam(array_column($said, 'plan'));
        $this->painters = $this->paintersOfTeam(array_column($said, 'painter'));
    }

    /**
     * All in one question: each is a way to the database and back, while the line waits.
     *
     * @param  list<Tap>  $taps
     */
    public static function facts(EventDay $day, array $taps): Builder
    {
        $said = array_column($taps, 'said');
        $ofDay = static fn (string $table): Builder => DB::table($table)->where('event_day_id', $day->id);

        return $ofDay('line_turns')->select('taps')
            ->selectSub($ofDay('chair_events')->selectRaw('min(at_ms)'), 'first')
            ->selectSub($ofDay('tickets')->selectRaw('max(number)'), 'last')
            ->selectSub($ofDay('text_wishes')->selectRaw('count(*) > 0'), 'wishes')
            ->selectSub(
                DB::table('tickets')->whereIn('id', array_column($said, 'ticket'))->selectRaw('json_objectagg(id, event_day_id)'),
                'tickets',
            )
            ->selectSub(
                DB::table('chair_events')->whereIn('id', [...array_column($said, 'id'), ...array_column($said, 'target')])
                    ->selectRaw('json_objectagg(id, json_array(event_day_id, kind))'),
                'events',
            );
    }

    public function isRepeated(Tap $tap): bool
    {
        return ($this->eventDays[$tap->id] ?? null) === $this->day->id;
    }

    public function isNewTicket(Tap $tap): bool
    {
        return $tap->kind === EventKind::Joined && ! isset($this->ticketDays[$tap->said['ticket'] ?? '']);
    }

    /** How many taps the day has, those admitted too. */
    public function count(): int
    {
        return $this->count;
    }

    public function nextNumber(): int
    {
        return $this->numbers + 1;
    }

    /** Why the tap cannot be kept; null when it can. */
    public function refusal(Tap $tap): ?string
    {
        $missing = $tap->missing();
        $said = $tap->said;
        ['design' => $design, 'plan' => $plan, 'painter' => $painter, 'target' => $target] = $said
            + ['design' => null, 'plan' => null, 'painter' => null, 'target' => null];
        $ticketDay = $this->ticketDays[$said['ticket'] ?? ''] ?? null;
        $breakMs = abs(($said['until'] ?? $tap->atMs) - $tap->atMs);

        return match (true) {
            isset($this->eventDays[$tap->id]) => 'The id of this tap is taken. Give each tap a ULID of its own.',
            ! $this->mayMake($tap) => 'That is for those who paint. Ask one of them.',
            $missing !== null => "The tap “{$tap->kind->value}” does not say its {$missing}.",
            $tap->atMs > $this->nowMs + self::AHEAD_MS => 'This tap lies in the future. Set the clock of the device right.',
            $tap->atMs < $this->earliestMs => 'This tap lies more than a day before the event. Is it the right day?',
            $design !== null && ! isset($this->designs[$design]) => 'That design is not one of yours. Choose one from the menu.',
            $plan !== null && ! isset($this->plans[$plan]) => 'The plan of that face is not known here. Load the line again.',
            $painter !== null && ! isset($this->painters[$painter]) => 'That painter is not one of yours. Load the line again.',
            $breakMs > self::LONGEST_BREAK_MS => 'No break is that long. Say until when, the same day.',
            ($said['chair'] ?? 0) > $this->day->chairs => "This day has no chair {$said['chair']}.",
            $ticketDay !== null && $ticketDay !== $this->day->id => 'That child is on the line of another day.',
            isset($said['ticket']) && $ticketDay === null && $tap->kind !== EventKind::Joined => 'That child is not on this line.',
            $target !== null && ($this->eventDays[$target] ?? null) !== $this->day->id => 'The tap to undo is not known here.',
            default => $this->fullness($tap),
        };
    }

    /** What a tap costs must not grow with the day for ever. */
    private function fullness(Tap $tap): ?string
    {
        return match (true) {
            $this->count >= Defaults::MOST_TAPS => 'This day has '.number_format(Defaults::MOST_TAPS).' taps, and takes no more. '
                .'Go on with another event.',
            ! $this->isNewTicket($tap) => null,
            $this->numbers >= Defaults::MOST_CHILDREN => number_format(Defaults::MOST_CHILDREN).' names were taken on this day, as many '
                .'as it holds. Make another event for more.',
            $this->numbers >= Defaults::MOST_WAITING && $this->waiting() >= Defaults::MOST_WAITING => number_format(Defaults::MOST_WAITING)
                .' children wait already. Take more names when some are painted.',
            default => null,
        };
    }

    /** Also those whom taps of this batch have brought. Whoever left with one still counts: their place is free at the next. */
    private function waiting(): int
    {
        return ($this->waitingBefore ??= ($this->waiting)()) + $this->joined;
    }

    /** At the names desk nobody starts or ends a face, nor takes back what was tapped at a chair. */
    private function mayMake(Tap $tap): bool
    {
        $target = $this->eventKinds[$tap->said['target'] ?? ''] ?? null;

        return $this->role->paints() || ($tap->kind->isOfNamesDesk() && ($target === null || $target->isOfNamesDesk()));
    }

    /** What a child is painted with is what it chose: seated with another design's plan, it is a face of that design. */
    public function designOf(Tap $tap): ?string
    {
        return $tap->said['design'] ?? ($tap->kind === EventKind::Seated ? $this->plans[$tap->said['plan'] ?? ''] ?? null : null);
    }

    /** Later taps of the batch may speak of this one and of its ticket. */
    public function admit(Tap $tap): void
    {
        $this->eventDays[$tap->id] = $this->day->id;
        $this->eventKinds[$tap->id] = $tap->kind;
        $this->count++;
        if ($this->isNewTicket($tap)) {
            $this->numbers++;
            $this->joined++;
        }
        if ($tap->kind === EventKind::Joined) {
            $this->ticketDays[$tap->said['ticket'] ?? ''] = $this->day->id;
        }
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, true>
     */
    private function designsOfTeam(array $ids): array
    {
        if ($ids === []) {
            return [];
        }
        /** @var list<string> $found */
        $found = Design::ofTeam($this->day->team_id)->withTrashed()->whereIn('id', $ids)->pluck('id')->all();

        return array_fill_keys($found, true);
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, string> the design of each
     */
    private function plansOfTeam(array $ids): array
    {
        if ($ids === []) {
            return [];
        }
        /** @var array<string, string> $found */
        $found = FacePlan::query()->join('designs', 'designs.id', '=', 'face_plans.design_id')
            ->where('designs.team_id', $this->day->team_id)->whereIn('face_plans.id', $ids)
            ->pluck('face_plans.design_id', 'face_plans.id')->all();

        return $found;
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, true>
     */
    private function paintersOfTeam(array $ids): array
    {
        if ($ids === []) {
            return [];
        }
        /** @var list<string> $found */
        $found = User::ofTeam($this->day->team_id)->whereNot('role', Role::Helper)->whereIn('id', $ids)->pluck('id')->all();

        return array_fill_keys($found, true);
    }
}
