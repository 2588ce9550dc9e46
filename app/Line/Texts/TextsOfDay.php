<?php

declare(strict_types=1);

namespace App\Line\Texts;

use App\Models\Line\Text;
use App\Models\Line\TextWish;
use App\Models\Line\Ticket;
use App\Models\Plan\EventDay;

/** What was texted on a day, newest first, and how many parents want to be. */
final readonly class TextsOfDay
{
    private const MOST = 100;

    public function __invoke(EventDay $day): TextsShown
    {
        $wishes = TextWish::query()->where('event_day_id', $day->id)->get()->keyBy('id');
        $numbers = Ticket::query()->whereIn('id', $wishes->pluck('ticket_id'))->pluck('number', 'id');
        $texts = Text::query()->whereIn('text_wish_id', $wishes->keys())->orderByDesc('id')->limit(self::MOST)->get();

        return new TextsShown($wishes->count(), array_values($texts->map(static function (Text $text) use ($wishes, $numbers): array {
            $wish = $wishes->sole('id', $text->text_wish_id);
            $number = $numbers[$wish->ticket_id] ?? 0;

            return [
                'number' => is_numeric($number) ? (int) $number : 0,
                'phoneEnds' => substr($wish->phone, -2),
                'words' => $text->words,
                'isTaken' => $text->is_taken,
                'sentAt' => $text->sent_ms,
            ];
        })->all()));
    }
}
