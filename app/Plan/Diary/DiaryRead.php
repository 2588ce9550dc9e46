<?php

declare(strict_types=1);

namespace App\Plan\Diary;

use Core\Plan\Diary\Clash;

/** Where a diary does not go together. */
final readonly class DiaryRead
{
    /**
     * @param  list<Clash>  $clashes
     * @param  array<string, string>  $names  of the days, by id
     * @param  array<string, string>  $painters  names by id
     */
    public function __construct(public array $clashes, public array $names, public array $painters) {}
}
