<?php

declare(strict_types=1);

namespace App\Actions\Line;

use App\Models\BoardLink;
use App\Models\EventDay;

final readonly class RevokeBoard
{
    public function __invoke(EventDay $day): void
    {
        BoardLink::query()->whereKey($day->id)->delete();
    }
}
