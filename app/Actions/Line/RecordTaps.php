<?php

declare(strict_types=1);

namespace App\Actions\Line;

use App\Actions\Logbook\WriteLogbook;
use App\Jobs\ForgetNamesOfDay;
use App\Jobs\ForgetNotesOfDay;
use App\Jobs\KeepForecastOfDay;
use App\Jobs\LearnFromDay;
use App\Jobs\SendTextsOfDay;
use App\Models\EventDay;
use App\Models\TextWish;
use App\Models\Ticket;
use App\Models\User;
use App\Queries\Line\StoryOfDay;
use Core\Line\EventKind;
use Core\Line\Line;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/** Keeps a batch of taps for good, each once, and says what became of every one. */
final readonly class RecordTaps
{
    public function __construct(
        private LockLine $lockLine,
        private StoryOfDay $storyOfDay,
        private WriteLogbook $writeLogbook,
        private KeepStory $keepStory,
    ) {}

    /**
     * All or nothing: the batch is kept in one transaction, with the day locked so that numbers are given out once.
     *
     * @param  list<Tap|RefusedTap>  $taps  in the order they were made
     * @return list<Outcome> one for each tap
     */
    public function __invoke(EventDay $day, User $painter, array $taps): array
    {
        try {
            return $this->recorded($day, $painter, $taps);
        } catch (UniqueConstraintViolationException) {
            // Another day took the same tap at the same moment. Now it is there to be seen, and is refused here.
            return $this->recorded($day, $painter, $taps);
        }
    }

    /**
     * @param  list<Tap|RefusedTap>  $taps
     * @return list<Outcome>
     */
    private function recorded(EventDay $day, User $painter, array $taps): array
    {
        return DB::transaction(function () use ($day, $painter, $taps): array {
            ($this->lockLine)($day);
            [$kept, $fates] = $this->keep($day, $painter, $taps);
            if (array_filter($fates, is_string(...)) === $fates) {
                return $this->outcomes($taps, $fates, new Line);
            }
            $story = ($this->storyOfDay)($day);
            $outcomes = $this->outcomes($taps, $fates, $story->line);
            if ($kept !== []) {
                ($this->writeLogbook)($day, $story->line, $this->touchedSince($day, min(array_column($kept, 'atMs'))));
                ($this->keepStory)($day, $story);
            }
            if (array_filter($kept, static fn (Tap $tap): bool => $tap->more->note !== null) !== []) {
                ForgetNotesOfDay::dispatch($day->team_id, $day->id);
            }
            if (array_filter($kept, static fn (Tap $tap): bool => $tap->firstName !== null) !== []) {
                ForgetNamesOfDay::dispatch($day->team_id, $day->id, $painter->team->names_days);
            }
            if ($kept !== [] && TextWish::query()->where('event_day_id', $day->id)->exists()) {
                SendTextsOfDay::dispatch($day->team_id, $day->id);
            }
            if (in_array(EventKind::Opened, array_column($kept, 'kind'), true)) {
                KeepForecastOfDay::dispatch($day->team_id, $day->id);
            }
            if (in_array(EventKind::Closed, array_column($kept, 'kind'), true)) {
                LearnFromDay::dispatch($day->team_id, $day->id);
            }

            return $outcomes;
        });
    }

    /**
     * @param  list<Tap|RefusedTap>  $taps
     * @return array{list<Tap>, array<int, TapFate|string>} the new taps; what is known of each one of the batch, a refusal in words
     */
    private function keep(EventDay $day, User $painter, array $taps): array
    {
        $gate = new TapGate(
            day: $day,
            role: $painter->role,
            taps: array_values(array_filter($taps, static fn (Tap|RefusedTap $tap): bool => $tap instanceof Tap)),
            nowMs: now()->getTimestampMs(),
            waiting: fn (): int => count(($this->storyOfDay)($day)->line->queue()),
        );
        $kept = [];
        $fates = [];
        foreach ($taps as $index => $tap) {
            $fates[$index] = $tap instanceof RefusedTap ? $tap->message : $this->fate($gate, $tap);
            if ($tap instanceof Tap && $fates[$index] === TapFate::Kept) {
                $this->giveNumber($gate, $day, $tap);
                $gate->admit($tap);
                $kept[] = $tap;
            }
        }
        if ($kept !== []) {
            DB::table('chair_events')->insert(array_map(
                fn (Tap $tap): array => $this->row(day: $day, painter: $painter, tap: $tap, design: $gate->designOf($tap)),
                $kept,
            ));
            DB::table('line_turns')->where('event_day_id', $day->id)->increment('taps', count($kept));
        }

        return [$kept, $fates];
    }

    private function fate(TapGate $gate, Tap $tap): TapFate|string
    {
        if ($gate->isRepeated($tap)) {
            return TapFate::Repeated;
        }

        return $gate->refusal($tap) ?? TapFate::Kept;
    }

    private function giveNumber(TapGate $gate, EventDay $day, Tap $tap): void
    {
        if (! $gate->isNewTicket($tap)) {
            return;
        }
        Ticket::query()->insert(['id' => $tap->ticket, 'event_day_id' => $day->id, 'number' => $gate->nextNumber()]);
    }

    /** @return array<string, string|int|null> */
    private function row(EventDay $day, User $painter, Tap $tap, ?string $design): array
    {
        return [
            'id' => $tap->id,
            'event_day_id' => $day->id,
            'user_id' => $painter->id,
            'kind' => $tap->kind->value,
            'at_ms' => $tap->atMs,
            'ticket_id' => $tap->ticket,
            'first_name' => $tap->firstName,
            'design_id' => $design,
            'chair' => $tap->chair,
            'plan_id' => $tap->plan,
            'step_id' => $tap->step,
            'before_ticket_id' => $tap->before,
            'target_id' => $tap->target,
            'painter_id' => $tap->painter,
            'until_ms' => $tap->until,
            'more' => $tap->more->kept(),
        ];
    }

    /**
     * Whoever has no tap at or after that moment stands as before, whatever came late: the line before it is the same.
     *
     * @return list<string> ticket ids
     */
    private function touchedSince(EventDay $day, int $ms): array
    {
        /** @var list<string> $ids */
        $ids = DB::table('chair_events')
            ->leftJoin('chair_events as target', 'target.id', '=', 'chair_events.target_id')
            ->where('chair_events.event_day_id', $day->id)
            ->where('chair_events.at_ms', '>=', $ms)
            ->selectRaw('distinct coalesce(chair_events.ticket_id, target.ticket_id) as ticket_id')
            ->pluck('ticket_id')->filter()->values()->all();

        return $ids;
    }

    /**
     * @param  list<Tap|RefusedTap>  $taps
     * @param  array<int, TapFate|string>  $fates
     * @return list<Outcome>
     */
    private function outcomes(array $taps, array $fates, Line $line): array
    {
        $outcomes = [];
        foreach ($taps as $index => $tap) {
            $fate = $fates[$index];
            $reason = $line->setAside[$tap->id] ?? null;
            $outcomes[] = match (true) {
                is_string($fate) => new Outcome($tap->id, TapFate::Refused, $fate),
                // Also of one that was sent before: its maker may not have heard the first answer.
                $reason !== null => new Outcome($tap->id, TapFate::SetAside, $reason),
                default => new Outcome($tap->id, $fate),
            };
        }

        return $outcomes;
    }
}
