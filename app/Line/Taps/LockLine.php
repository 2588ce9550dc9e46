<?php

declare(strict_types=1);

namespace App\Line\Taps;

use App\Models\Plan\EventDay;
use Illuminate\Database\Query\Expression;
use Illuminate\Support\Facades\DB;

/**
 * Keeps all others from the line of a day until the transaction ends, so that taps stand in one order and numbers are given once.
 * It writes a row: that holds between several databases, too, which know nothing of each other's locks.
 */
final readonly class LockLine
{
    /** @param  int  $taps  that are counted to those of the day already, which saves a way to the database */
    public function __invoke(EventDay $day, int $taps = 0): void
    {
        DB::table('line_turns')->upsert(
            ['event_day_id' => $day->id, 'turn' => 1, 'taps' => $taps],
            'event_day_id',
            ['turn' => new Expression('turn + 1'), 'taps' => new Expression("taps + {$taps}")],
        );
    }
}
