<?php

declare(strict_types=1);

namespace App\Line\Texts;

use App\Http\Resources\Resource;

/** One text of the outbox. */
final readonly class TextShown extends Resource
{
    public function __construct(
        public int $number,
        public string $phoneEnds,
        public string $words,
        public bool $isTaken,
        public int $sentAt,
    ) {}

    public static function of(SentText $text): self
    {
        return new self(
            number: $text->number,
            phoneEnds: $text->phoneEnds,
            words: $text->words,
            isTaken: $text->isTaken,
            sentAt: $text->sentAt,
        );
    }
}
