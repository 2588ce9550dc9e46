<?php

declare(strict_types=1);

namespace App\Line\Taps;

use App\Database\Statement;
use App\Models\Plan\EventDay;

/**
 * Keeps all others from the line of a day until the transaction ends, so that taps stand in one order and numbers are given once.
 * It writes a row: that holds between several databases, too, which know nothing of each other's locks.
 */
final readonly class LockLine
{
    private const LOCK = 'insert into line_turns (event_day_id, turn, taps) values (?, 1, ?) '
        .'on duplicate key update turn = turn + 1, taps = taps + ?';

    public function __invoke(EventDay $day): void
    {
        Statement::together(self::statement($day, 0));
    }

    /** @param  int  $taps  that are counted to those of the day already */
    public static function statement(EventDay $day, int $taps): Statement
    {
        return new Statement(self::LOCK, [$day->id, $taps, $taps]);
    }
}
