<?php

declare(strict_types=1);

namespace App\Line\Taps;

use App\Line\Forgetting\ForgetNamesOfDay;
use App\Line\Forgetting\ForgetNotesOfDay;
use App\Line\Texts\SendTextsOfDay;
use App\Logbook\Faces\WriteLogbook;
use App\Logbook\Pace\LearnFromDay;
use App\Models\Account\User;
use App\Models\Line\Ticket;
use App\Models\Plan\EventDay;
use App\Plan\Forecast\KeepForecastOfDay;
use Core\Line\EventKind;
use Core\Line\Line;
use Illuminate\Database\Query\Expression;
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
            ($this->lockLine)($day, count($taps));
            $gate = $this->gate($day, $painter, $taps);
            [$kept, $fates] = $this->keep($gate, $day, $painter, $taps);
            if (array_filter($fates, is_string(...)) === $fates) {
                return $this->outcomes($taps, $fates, new Line);
            }
            $story = ($this->storyOfDay)($day);
            $outcomes = $this->outcomes($taps, $fates, $story->line);
            if ($kept !== []) {
                $this->writeLogbook($day, $story->line, min(array_column($kept, 'atMs')));
                if ($this->keepStory->isDue($story, $gate->count(), count($kept))) {
                    ($this->keepStory)($day, $story);
                }
            }
            if (array_filter($kept, static fn (Tap $tap): bool => $tap->more->note !== null) !== []) {
                ForgetNotesOfDay::dispatch($day->team_id, $day->id);
            }
            if (array_filter($kept, static fn (Tap $tap): bool => $tap->firstName !== null) !== []) {
                ForgetNamesOfDay::dispatch($day->team_id, $day->id, $painter->team->names_days);
            }
            if ($kept !== [] && $gate->hasWishes) {
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
     */
    private function gate(EventDay $day, User $painter, array $taps): TapGate
    {
        return new TapGate(
            day: $day,
            role: $painter->role,
            taps: array_values(array_filter($taps, static fn (Tap|RefusedTap $tap): bool => $tap instanceof Tap)),
            counted: count($taps),
            nowMs: now()->getTimestampMs(),
            waiting: fn (): int => count(($this->storyOfDay)($day)->line->queue()),
        );
    }

    /**
     * @param  list<Tap|RefusedTap>  $taps
     * @return array{list<Tap>, array<int, TapFate|string>} the new taps; what is known of each one of the batch, a refusal in words
     */
    private function keep(TapGate $gate, EventDay $day, User $painter, array $taps): array
    {
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
        }
        if (count($kept) < count($taps)) {
            DB::table('line_turns')->where('event_day_id', $day->id)->decrement('taps', count($taps) - count($kept));
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

    /** Whoever has no tap at or after that moment stands as before, whatever came late: the line before it is the same. */
    private function writeLogbook(EventDay $day, Line $line, int $sinceMs): void
    {
        /** @var array<string, int> $touched whether the logbook has a face, by ticket */
        $touched = DB::table('chair_events')
            ->leftJoin('chair_events as target', 'target.id', '=', 'chair_events.target_id')
            ->join('tickets', 'tickets.id', '=', new Expression('coalesce(chair_events.ticket_id, target.ticket_id)'))
            ->leftJoin('faces', 'faces.ticket_id', '=', 'tickets.id')
            ->where('chair_events.event_day_id', $day->id)
            ->where('chair_events.at_ms', '>=', $sinceMs)
            ->selectRaw('distinct tickets.id, faces.ticket_id is not null as is_written')
            ->pluck('is_written', 'id')->all();
        $changed = array_filter(array_keys($touched), static fn (string $ticket): bool => $touched[$ticket] === 1
            || WriteLogbook::isOf($line->tickets[$ticket] ?? null));
        if ($changed !== []) {
            ($this->writeLogbook)($day, $line, array_values($changed));
        }
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
