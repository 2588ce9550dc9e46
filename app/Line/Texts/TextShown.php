<?php

declare(strict_types=1);

namespace App\Line\Texts;

use App\Http\Resources\Resource;

/** One text of the outbox. */
final readonly class TextShown extends Resource
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
