<?php

declare(strict_types=1);

namespace App\Plan\Packing;

use App\Models\Plan\EventDay;
use App\Models\Plan\PackingTick;

/** Notes that something is in the bag, or out of it again. */
final readonly class TickPacked
{
    public function __invoke(EventDay $day, string $thing, bool $isPacked): void
    {
        $tick = ['event_day_id' => $day->id, 'thing' => $thing];
        if ($isPacked) {
            PackingTick::query()->insertOrIgnore($tick);

            return;
        }
        PackingTick::query()->where($tick)->delete();
    }
}
