<?php

declare(strict_types=1);

namespace App\Line\Texts;

use App\Line\Forgetting\ForgetNotesOfDay;
use App\Line\Told\LineOfDay;
use App\Models\Line\Text;
use App\Models\Line\TextWish;
use App\Models\Line\Ticket;
use App\Models\Plan\EventDay;
use App\StandIns\Texts\TextService;
use Core\Line\Texts\TextKind;
use Core\Line\Texts\TextsDue;
use Core\Line\Ticket as CoreTicket;
use Illuminate\Cache\RateLimiter;

/** Texts to parents whose child is nearly due. */
final readonly class ParentTexts
{
    /** Two parents and a grandmother. */
    private const MOST_PHONES = 3;

    /** Wrong codes at one number in an hour. */
    private const MOST_GUESSES = 20;

    public function __construct(private RateLimiter $limiter, private LineOfDay $line, private TextService $service) {}

    /**
     * A parent wants to be texted about a number, or does no more.
     *
     * @return bool false where that number and that code go together for nobody, or enough phones know of it
     */
    public function wish(EventDay $day, int $number, string $slipCode, string $phone, string $language): bool
    {
        $ticket = $this->ticket($day, $number, $slipCode);
        $hash = TextWish::hash($phone);
        $others = TextWish::query()->where('ticket_id', $ticket)->whereNot('phone_hash', $hash)->count();
        if ($ticket === null || $others >= self::MOST_PHONES) {
            return false;
        }
        TextWish::query()->updateOrCreate(
            ['ticket_id' => $ticket, 'phone_hash' => $hash],
            ['event_day_id' => $day->id, 'phone' => $phone, 'language' => $language],
        );
        ForgetNotesOfDay::dispatch($day->team_id, $day->id);
        SendTextsOfDay::dispatch($day->team_id, $day->id);

        return true;
    }

    public function stop(EventDay $day, int $number, string $slipCode, string $phone): void
    {
        $ticket = $this->ticket($day, $number, $slipCode);
        TextWish::query()->where('ticket_id', $ticket)->where('phone_hash', TextWish::hash($phone))->delete();
    }

    private function ticket(EventDay $day, int $number, string $slipCode): ?string
    {
        $id = Ticket::query()->where('event_day_id', $day->id)->where('number', $number)->value('id');
        $guesses = "slip codes of {$day->id} {$number}";
        if (! is_string($id) || $this->limiter->tooManyAttempts($guesses, self::MOST_GUESSES)) {
            return null;
        }
        if (! hash_equals(CoreTicket::slipCode($id), $slipCode)) {
            $this->limiter->hit($guesses, 3600);

            return null;
        }

        return $id;
    }

    /** Sends to the parents of a day what is due to them and was not sent before. */
    public function send(EventDay $day): void
    {
        $wishes = TextWish::query()->where('event_day_id', $day->id)->with('texts')->get();
        if ($wishes->isEmpty()) {
            return;
        }
        $read = $this->line->forParents($day);
        $due = TextsDue::of($read->outlook, $read->day->closes);
        $numbers = array_column($read->story->line->tickets, 'number', 'id');
        foreach ($wishes as $wish) {
            $sent = array_map(static fn (Text $text): TextKind => $text->kind, $wish->texts->all());
            foreach ($due[$wish->ticket_id] ?? [] as $kind) {
                if (! in_array($kind, $sent, true)) {
                    $this->sendOne($wish, $kind, $numbers[$wish->ticket_id] ?? 0, $day);
                }
            }
        }
    }

    private function sendOne(TextWish $wish, TextKind $kind, int $number, EventDay $day): void
    {
        $words = trans("texts.{$kind->value}", [
            'number' => (string) $number,
            'place' => $day->place === '' ? $day->name : $day->place,
        ], $wish->language);
        assert(is_string($words));
        // Kept first: what is sent twice is worse than what is sent never.
        $text = Text::query()->create([
            'text_wish_id' => $wish->id,
            'kind' => $kind,
            'words' => $words,
            'is_taken' => false,
            'sent_ms' => now()->getTimestampMs(),
        ]);
        $text->update(['is_taken' => $this->service->send($wish->phone, $words)]);
    }
}
