<?php

declare(strict_types=1);

namespace App\Line\Texts;

/** The outbox of a day's texts. */
final readonly class TextsRead
{
    /** @param  list<SentText>  $texts  newest first */
    public function __construct(public int $wishes, public array $texts) {}
}
