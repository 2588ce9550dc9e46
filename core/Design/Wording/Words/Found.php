<?php

declare(strict_types=1);

namespace Core\Design\Wording\Words;

use Core\Design\Wording\PartKind;

/** What some tokens in a row mean. */
final readonly class Found
{
    /** @param  int  $taken  how many tokens */
    public function __construct(public PartKind $kind, public mixed $value, public int $taken) {}
}
