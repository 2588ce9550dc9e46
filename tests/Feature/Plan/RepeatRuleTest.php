<?php

declare(strict_types=1);

use App\Plan\Calendar\RepeatRule;
use Sabre\VObject\Recur\RRuleIterator;

it('follows the plain ways in which fairs come again', function (string $rule): void {
    expect(RepeatRule::of($rule)->isPlain())->toBeTrue();
    // And what it lets through does come again, soon.
    $each = new RRuleIterator($rule, new DateTimeImmutable('2026-11-07 10:00 UTC'));
    for ($time = 0; $time < 200 && $each->valid(); $time++) {
        $each->next();
    }
    expect($each->current() === null || $each->current() > new DateTimeImmutable('2026-11-08'))->toBeTrue();
})->with([
    'FREQ=DAILY', 'FREQ=DAILY;INTERVAL=10;COUNT=5', 'FREQ=DAILY;BYDAY=MO,TU,WE,TH,FR', 'FREQ=WEEKLY;INTERVAL=2;WKST=SU;BYDAY=TU,SA',
    'FREQ=WEEKLY;UNTIL=20271224T000000Z', 'FREQ=MONTHLY;BYDAY=-1SA', 'FREQ=MONTHLY;BYDAY=1SU,3SU', 'FREQ=MONTHLY;BYMONTHDAY=-1',
    'FREQ=MONTHLY;BYMONTHDAY=31', 'FREQ=MONTHLY;INTERVAL=18', 'FREQ=MONTHLY;BYDAY=MO,TU;BYSETPOS=-1', 'FREQ=YEARLY',
    'FREQ=YEARLY;BYMONTH=6;BYDAY=2SA', 'FREQ=YEARLY;BYMONTH=6,12;BYMONTHDAY=24', 'freq=weekly;byday=sa', 'FREQ=MONTHLY;BYDAY=5SA',
]);

it('follows none of which some never come', function (string $rule): void {
    expect(RepeatRule::of($rule)->isPlain())->toBeFalse();
})->with([
    'nothing' => '', 'no rule' => 'every Saturday', 'FREQ=SECONDLY', 'FREQ=HOURLY', 'FREQ=NEVERLY', 'FREQ=DAILY;INTERVAL=0',
    'FREQ=DAILY;INTERVAL=-1', 'FREQ=DAILY;INTERVAL=7;BYDAY=MO', 'FREQ=DAILY;BYHOUR=25', 'FREQ=WEEKLY;BYDAY=XX', 'FREQ=WEEKLY;BYDAY=',
    'FREQ=MONTHLY;BYDAY=1MO;BYMONTHDAY=31', 'FREQ=MONTHLY;BYMONTHDAY=40', 'FREQ=MONTHLY;BYMONTHDAY=1;BYSETPOS=3',
    'FREQ=MONTHLY;BYDAY=1MO;BYSETPOS=3', 'FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30', 'FREQ=YEARLY;BYMONTH=13', 'FREQ=YEARLY;BYDAY=1MO',
    'FREQ=YEARLY;BYWEEKNO=99', 'FREQ=YEARLY;BYYEARDAY=400', 'FREQ=WEEKLY;INTERVAL=9999999',
]);
