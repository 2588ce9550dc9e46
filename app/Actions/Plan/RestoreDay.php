<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Models\EventDay;

final readonly class RestoreDay
{
    public function __invoke(EventDay $day): EventDay
    {
        $day->restore();

        return $day;
    }
}
