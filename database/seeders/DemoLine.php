<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Line\Taps\KeepStory;
use App\Line\Taps\StoryOfDay;
use App\Logbook\Faces\WriteLogbook;
use App\Logbook\Pace\LearnPaces;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Line\ChairEvent;
use App\Models\Line\Ticket;
use App\Models\Plan\EventDay;
use Core\Line\Ahead\AfterFace;
use Core\Line\Defaults;
use Core\Line\EventKind;
use Core\Line\Payment;
use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Plays a day as its chairs might have lived it: the same seed, the same day. Invented, for the demo only. */
final class DemoLine
{
    private const WAITING_AT_THE_END = 7;

    private readonly Randomizer $chance;

    /** @var list<array<string, mixed>> */
    private array $events = [];

    /** @var list<array<string, mixed>> */
    private array $tickets = [];

    /** @var array<string, int> by ticket */
    private array $chairs = [];

    private int $wait = 420;

    /** @var array<int, int> painted so far, by chair */
    private array $faces = [];

    /**
     * @param  non-empty-list<User>  $painters  by chair
     * @param  list<Design>  $designs
     * @param  list<string>  $firstNames
     */
    public function __construct(
        private readonly EventDay $day,
        private readonly array $painters,
        private readonly array $designs,
        private readonly array $firstNames,
        int $seed,
    ) {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    /** @param  int|null  $names how many children come; null for a line that never ends */
    public function play(?int $names, int $until): void
    {
        $this->event(EventKind::Opened, $this->day->opens_ms - 5 * 60_000);
        foreach ($this->painters as $at => $painter) {
            $this->event(EventKind::ChairTaken, $this->day->opens_ms - 4 * 60_000 + $at, chair: $at + 1, painter_id: $painter->id);
        }
        $freeAt = array_fill(1, $this->day->chairs, $this->day->opens_ms);
        for ($number = 1; $names === null || $number <= $names; $number++) {
            $chair = (int) array_search(min($freeAt), $freeAt, true);
            $seatAt = $freeAt[$chair];
            if ($seatAt > $until) {
                $this->queueUp($number, $until);
                break;
            }
            $design = $this->pick();
            $ticket = $this->join($number, $seatAt - $this->waited() * 1000, $design);
            $freeAt[$chair] = $this->paint(ticket: $ticket, design: $design, chair: $chair, seatAt: $seatAt, until: $until);
        }
        if ($names !== null) {
            $this->event(EventKind::Closed, $until);
        }
        $this->keep();
    }

    /** @return int seconds, a little more or less than whoever came before: a line does not jump */
    private function waited(): int
    {
        return $this->wait = max(240, min(900, $this->wait + $this->chance->getInt(-45, 45)));
    }

    private function queueUp(int $number, int $until): void
    {
        for ($place = 0; $place < self::WAITING_AT_THE_END; $place++) {
            $ago = (self::WAITING_AT_THE_END - $place) * 95_000 + $this->chance->getInt(0, 40) * 1000;
            $this->join($number + $place, $until - $ago, $this->pick());
        }
    }

    private function pick(): Design
    {
        $onMenu = $this->day->menuItems->pluck('design_id')->all();
        $offered = array_values(array_filter($this->designs, static fn (Design $design) => in_array($design->id, $onMenu, true)));

        // The first on the menu draws a crowd of its own.
        return $offered[$this->chance->getInt(0, 3) === 0 ? 0 : $this->chance->getInt(0, count($offered) - 1)];
    }

    private function join(int $number, int $atMs, Design $design): string
    {
        $ticket = strtolower((string) Str::ulid());
        $this->tickets[] = ['id' => $ticket, 'event_day_id' => $this->day->id, 'number' => $number];
        $name = $this->chance->getInt(0, 9) === 0
            ? null
            : $this->firstNames[($number + $this->day->chairs * 10) % count($this->firstNames)];
        $this->event(EventKind::Joined, max($this->day->opens_ms - 4 * 60_000, $atMs), $ticket, first_name: $name, design_id: $design->id);

        return $ticket;
    }

    /** @return int when the chair is free again */
    private function paint(string $ticket, Design $design, int $chair, int $seatAt, int $until): int
    {
        $plan = $design->plan;
        assert($plan !== null);
        $this->event(EventKind::Seated, $seatAt, $ticket, chair: $chair, plan_id: $plan->id);
        $now = $seatAt + $this->chance->getInt(8, 16) * 1000;
        if ($now < $until) {
            $this->event(EventKind::Asked, $now, $ticket, more: self::more(['answers' => [], 'without' => []]));
        }
        foreach ($plan->content['steps'] as $step) {
            if (($step['optional'] ?? false) && $this->chance->getInt(0, 4) === 0) {
                $now < $until && $this->event(EventKind::StepSkipped, $now, $ticket, step_id: $step['id']);

                continue;
            }
            $now += intdiv($step['plannedMs'] * $this->chance->getInt(84, 138), 100);
            if ($now >= $until) {
                return $now + $this->day->turnaround_ms;
            }
            $this->event(EventKind::StepDone, $now, $ticket, step_id: $step['id']);
        }
        $now = $this->turnAround($ticket, $design, $chair, $now, $until);
        if ($now < $until) {
            $this->event(EventKind::Finished, $now, $ticket);
        }

        return $now + 1000;
    }

    /** @return int when the next child may sit down */
    private function turnAround(string $ticket, Design $design, int $chair, int $now, int $until): int
    {
        $this->faces[$chair] = ($this->faces[$chair] ?? 0) + 1;
        $price = $this->day->menuItems->firstWhere('design_id', $design->id)?->price_cents;
        $seconds = [
            AfterFace::Mirror->value => [6, 12],
            AfterFace::Pay->value => $price === null ? null : [6, 16],
            AfterFace::Sponges->value => [8, 14],
            AfterFace::Hands->value => [6, 12],
            AfterFace::Water->value => $this->faces[$chair] % Defaults::WATER_FACES === 0 ? [30, 50] : null,
        ];
        foreach (array_filter($seconds) as $part => [$least, $most]) {
            $now += $this->chance->getInt($least, $most) * 1000;
            if ($now >= $until) {
                continue;
            }
            $part === AfterFace::Pay->value
                ? $this->event(EventKind::Paid, $now, $ticket, more: self::more([
                    'cents' => $price,
                    'payment' => ($this->chance->getInt(0, 2) === 0 ? Payment::Card : Payment::Cash)->value,
                ]))
                : $this->event(EventKind::PartDone, $now, $ticket, more: self::more(['part' => $part]));
        }

        return $now + $this->chance->getInt(4, 12) * 1000;
    }

    /** @param  array<string, mixed>  $said */
    private static function more(array $said): string
    {
        return json_encode($said, JSON_THROW_ON_ERROR);
    }

    private function event(EventKind $kind, int $atMs, ?string $ticket = null, mixed ...$columns): void
    {
        $at = (string) $ticket;
        $this->chairs[$at] = is_int($columns['chair'] ?? null) ? $columns['chair'] : $this->chairs[$at] ?? 1;
        $this->events[] = [
            'id' => strtolower((string) Str::ulid()),
            'event_day_id' => $this->day->id,
            'user_id' => ($this->painters[$this->chairs[$at] - 1] ?? $this->painters[0])->id,
            'kind' => $kind->value,
            'at_ms' => $atMs,
            'ticket_id' => $ticket,
            'first_name' => null,
            'design_id' => null,
            'chair' => null,
            'plan_id' => null,
            'step_id' => null,
            'painter_id' => null,
            'more' => null,
            ...$columns,
        ];
    }

    private function keep(): void
    {
        Ticket::query()->insert($this->tickets);
        foreach (array_chunk($this->events, 500) as $chunk) {
            ChairEvent::query()->insert($chunk);
        }
        $story = app(StoryOfDay::class)->fromTheBeginning($this->day);
        app(WriteLogbook::class)($this->day, $story->line, array_keys($story->line->tickets));
        app(KeepStory::class)($this->day, $story->forgetting(Defaults::ENDED_SHOWN));
        if (in_array(EventKind::Closed->value, array_column($this->events, 'kind'), true)) {
            app(LearnPaces::class)($this->day);
        }
    }
}
