<?php

declare(strict_types=1);

namespace App\Line\Board;

use App\Models\Line\BoardLink;
use App\Models\Plan\EventDay;

final readonly class BoardLinkOfDay
{
    public function __invoke(EventDay $day): ?BoardLinkRead
    {
        $link = BoardLink::query()->find($day->id);

        return $link === null ? null : BoardLinkRead::of($link);
    }
}
