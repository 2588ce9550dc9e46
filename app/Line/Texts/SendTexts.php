<?php

declare(strict_types=1);

namespace App\Line\Texts;

use App\Line\Told\LineOfDay;
use App\Models\Line\Text;
use App\Models\Line\TextWish;
use App\Models\Plan\EventDay;
use App\StandIns\Texts\TextService;
use Core\Line\Texts\TextKind;
use Core\Line\Texts\TextsDue;

/** Sends to the parents of a day what is due to them and was not sent before. */
final readonly class SendTexts
{
    public function __construct(private LineOfDay $line, private TextService $service) {}

    public function __invoke(EventDay $day): void
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
                    $this->send($wish, $kind, $numbers[$wish->ticket_id] ?? 0, $day);
                }
            }
        }
    }

    private function send(TextWish $wish, TextKind $kind, int $number, EventDay $day): void
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
