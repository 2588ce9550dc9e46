<?php

declare(strict_types=1);

namespace App\Queries\Line;

/** The outbox of a day's texts. */
final readonly class TextsRead
{
    /** @param  list<SentText>  $texts  newest first */
    public function __construct(public int $wishes, public array $texts) {}
}
