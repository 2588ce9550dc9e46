<?php

declare(strict_types=1);

namespace App\Line\Texts;

use App\Line\Forgetting\ForgetNotesOfDay;
use App\Models\Line\TextWish;
use App\Models\Line\Ticket;
use App\Models\Plan\EventDay;
use Core\Line\Ticket as CoreTicket;
use Illuminate\Cache\RateLimiter;

/** A parent wants to be texted about a number, or does no more. */
final readonly class WishTexts
{
    /** Two parents and a grandmother. */
    private const MOST_PHONES = 3;

    /** Wrong codes at one number in an hour. */
    private const MOST_GUESSES = 20;

    public function __construct(private RateLimiter $limiter) {}

    /** @return bool false where that number and that code go together for nobody, or enough phones know of it */
    public function __invoke(EventDay $day, int $number, string $slipCode, string $phone, string $language): bool
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
}
