<?php

declare(strict_types=1);

namespace App\Line\Taps;

use App\Database\Statement;
use App\Line\Forgetting\ForgetNamesOfDay;
use App\Line\Forgetting\ForgetNotesOfDay;
use App\Line\Texts\SendTextsOfDay;
use App\Logbook\Faces\WriteLogbook;
use App\Logbook\Pace\LearnFromDay;
use App\Models\Account\User;
use App\Models\Plan\EventDay;
use App\Plan\Forecast\KeepForecast;
use Core\Line\EventKind;
use Core\Line\Line;
use Core\Line\Story;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\Expression;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * Keeps a batch of taps for good, each once, and says what became of every one.
 *
 * @phpstan-import-type Facts from TapGate
 */
final readonly class RecordTaps
{
    public function __construct(
        private StoryOfDay $storyOfDay,
        private WriteLogbook $writeLogbook,
        private KeepStory $keepStory,
    ) {}

    /**
     * All or nothing: the batch is kept in one transaction, with the day locked so that numbers are given out once.
     *
     * @param  list<Tap|TapOutcome>  $taps  in the order they were made
     * @return list<TapOutcome> one for each tap
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
     * @param  list<Tap|TapOutcome>  $taps
     * @return list<TapOutcome>
     */
    private function recorded(EventDay $day, User $painter, array $taps): array
    {
        return DB::transaction(function () use ($day, $painter, $taps): array {
            $gate = $this->gate($day, $painter, $taps);
            [$kept, $fates, $tickets] = $this->judged($gate, $day, $taps);
            if (array_filter($fates, is_string(...)) === $fates) {
                DB::table('line_turns')->where('event_day_id', $day->id)->decrement('taps', count($taps));

                return $this->outcomes($taps, $fates, new Line);
            }
            $story = $this->keep(
                day: $day,
                tickets: $tickets,
                events: array_map(static fn (Tap $tap): array => [
                    ...EventRow::of($tap->said),
                    'design_id' => $gate->designOf($tap),
                    'event_day_id' => $day->id,
                    'user_id' => $painter->id,
                ], $kept),
                others: count($taps) - count($kept),
            );
            $outcomes = $this->outcomes($taps, $fates, $story->line);
            if ($kept !== [] && $this->keepStory->isDue($story, $gate->count(), count($kept))) {
                ($this->keepStory)($day, $story);
            }
            if (array_filter($kept, static fn (Tap $tap): bool => isset($tap->said['note'])) !== []) {
                ForgetNotesOfDay::dispatch($day->team_id, $day->id);
            }
            if (array_filter($kept, static fn (Tap $tap): bool => isset($tap->said['firstName'])) !== []) {
                ForgetNamesOfDay::dispatch($day->team_id, $day->id, $painter->team->names_days);
            }
            if ($kept !== [] && $gate->hasWishes) {
                SendTextsOfDay::dispatch($day->team_id, $day->id);
            }
            if (in_array(EventKind::Opened, array_column($kept, 'kind'), true)) {
                KeepForecast::dispatch($day->team_id, $day->id);
            }
            if (in_array(EventKind::Closed, array_column($kept, 'kind'), true)) {
                LearnFromDay::dispatch($day->team_id, $day->id);
            }

            return $outcomes;
        });
    }

    /**
     * Keeps all others from the line until the transaction ends.
     *
     * @param  list<Tap|TapOutcome>  $taps
     */
    private function gate(EventDay $day, User $painter, array $taps): TapGate
    {
        $readable = array_values(array_filter($taps, static fn (Tap|TapOutcome $tap): bool => $tap instanceof Tap));
        [, [$facts]] = Statement::together(
            LockLine::statement($day, count($taps)),
            Statement::of(TapGate::facts($day, $readable)),
        );
        /** @var Facts $facts */

        return new TapGate(
            day: $day,
            role: $painter->role,
            taps: $readable,
            counted: count($taps),
            facts: $facts,
            nowMs: now()->getTimestampMs(),
            waiting: fn (): int => count(($this->storyOfDay)($day)->line->queue()),
        );
    }

    /**
     * @param  list<Tap|TapOutcome>  $taps
     * @return array{list<Tap>, array<int, TapFate|string>, list<array<string, string|int|null>>} the new taps; what is known of each one
     *     of the batch, a refusal in words; rows of the children that come with them
     */
    private function judged(TapGate $gate, EventDay $day, array $taps): array
    {
        $kept = $fates = $tickets = [];
        foreach ($taps as $index => $tap) {
            $fates[$index] = $tap instanceof TapOutcome ? $tap->message : $this->fate($gate, $tap);
            if ($tap instanceof Tap && $fates[$index] === TapFate::Kept) {
                if ($gate->isNewTicket($tap)) {
                    $tickets[] = ['id' => $tap->said['ticket'] ?? '', 'event_day_id' => $day->id, 'number' => $gate->nextNumber()];
                }
                $gate->admit($tap);
                $kept[] = $tap;
            }
        }

        return [$kept, $fates, $tickets];
    }

    /**
     * @param  list<array<string, string|int|null>>  $tickets
     * @param  list<array<string, string|int|null>>  $events
     * @param  int  $others  taps that were counted to those of the day, and are none
     * @return Story with all of them
     */
    private function keep(EventDay $day, array $tickets, array $events, int $others): Story
    {
        $since = $events === [] ? PHP_INT_MAX : min(array_map(static fn (array $event): int => (int) $event['at_ms'], $events));
        $told = Statement::together(
            ...($tickets === [] ? [] : [Statement::inserting('tickets', $tickets)]),
            ...($events === [] ? [] : [Statement::inserting('chair_events', $events)]),
            ...($others === 0 ? [] : [
                new Statement('update line_turns set taps = taps - ? where event_day_id = ?', [$others, $day->id]),
            ]),
            ...[Statement::of(self::touchedSince($day, $since)), ...StoryOfDay::statements($day)],
        );
        [$touched, $kept, $rows] = array_slice($told, -3);
        $story = $this->storyOfDay->told($day, $kept, $rows);
        $this->writeLogbook($day, $story->line, $touched);

        return $story;
    }

    private function fate(TapGate $gate, Tap $tap): TapFate|string
    {
        if ($gate->isRepeated($tap)) {
            return TapFate::Repeated;
        }

        return $gate->refusal($tap) ?? TapFate::Kept;
    }

    /** Whoever has no tap at or after that moment stands as before, whatever came late: the line before it is the same. */
    private static function touchedSince(EventDay $day, int $ms): Builder
    {
        return DB::table('chair_events')
            ->leftJoin('chair_events as target', 'target.id', '=', 'chair_events.target_id')
            ->join('tickets', 'tickets.id', '=', new Expression('coalesce(chair_events.ticket_id, target.ticket_id)'))
            ->leftJoin('faces', 'faces.ticket_id', '=', 'tickets.id')
            ->where('chair_events.event_day_id', $day->id)
            ->where('chair_events.at_ms', '>=', $ms)
            ->selectRaw('distinct tickets.id, faces.ticket_id is not null as is_written');
    }

    /** @param  list<stdClass>  $touched  tickets, and whether the logbook has their face */
    private function writeLogbook(EventDay $day, Line $line, array $touched): void
    {
        /** @var list<stdClass&object{id: string, is_written: int}> $touched */
        $changed = array_filter($touched, static fn (stdClass $one): bool => $one->is_written === 1
            || WriteLogbook::isOf($line->tickets[$one->id] ?? null));
        if ($changed !== []) {
            ($this->writeLogbook)($day, $line, array_column(array_values($changed), 'id'));
        }
    }

    /**
     * @param  list<Tap|TapOutcome>  $taps
     * @param  array<int, TapFate|string>  $fates
     * @return list<TapOutcome>
     */
    private function outcomes(array $taps, array $fates, Line $line): array
    {
        $outcomes = [];
        foreach ($taps as $index => $tap) {
            $fate = $fates[$index];
            $reason = $line->setAside[$tap->id] ?? null;
            $outcomes[] = match (true) {
                is_string($fate) => new TapOutcome($tap->id, TapFate::Refused, $fate),
                // Also of one that was sent before: its maker may not have heard the first answer.
                $reason !== null => new TapOutcome($tap->id, TapFate::SetAside, $reason),
                default => new TapOutcome($tap->id, $fate),
            };
        }

        return $outcomes;
    }
}
