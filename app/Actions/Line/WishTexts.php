<?php

declare(strict_types=1);

namespace App\Actions\Line;

use App\Jobs\ForgetNotesOfDay;
use App\Jobs\SendTextsOfDay;
use App\Models\EventDay;
use App\Models\TextWish;
use App\Models\Ticket;

/** A parent wants to be texted about a number, or does no more. */
final readonly class WishTexts
{
    /** Two parents and a grandmother. */
    private const MOST_PHONES = 3;

    /** @return bool false where that number has been given to nobody, or enough phones know of it */
    public function __invoke(EventDay $day, int $number, string $phone, string $language): bool
    {
        $ticket = self::ticket($day, $number);
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

    public function stop(EventDay $day, int $number, string $phone): void
    {
        TextWish::query()->where('ticket_id', self::ticket($day, $number))->where('phone_hash', TextWish::hash($phone))->delete();
    }

    private static function ticket(EventDay $day, int $number): ?string
    {
        $id = Ticket::query()->where('event_day_id', $day->id)->where('number', $number)->value('id');

        return is_string($id) ? $id : null;
    }
}
