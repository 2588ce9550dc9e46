<?php

declare(strict_types=1);

namespace App\Line\Texts;

/** One text that was sent. */
final readonly class SentText
{
    /** @param  string  $phoneEnds  the last two digits: enough to tell two phones apart, too little to call one */
    public function __construct(
        public int $number,
        public string $phoneEnds,
        public string $words,
        public bool $isTaken,
        public int $sentAt,
    ) {}
}
