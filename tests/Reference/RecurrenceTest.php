<?php

declare(strict_types=1);

use App\Plan\Calendar\DetectedBooking;
use App\Plan\Calendar\ReadCalendar;
use Illuminate\Support\Facades\Process;
use Tests\FeatureCase;

uses(FeatureCase::class);

/*
 * What repeats is laid out as another library does it: Debian's python3-dateutil, whose rules are an independent reading of RFC 5545, with
 * the time zone tables of python3-tz.
 */

/**
 * @param  list<string>  $rules
 * @return list<list<string>> the times of each rule in UTC, from the moment on and for a year, as often as we lay them out
 */
function byDateutil(array $rules, string $start, string $zone, string $from): array
{
    $read = Process::run(['/usr/bin/python3', '-c', <<<'PY'
        import json, sys, datetime
        from dateutil import rrule, tz
        rules, start, zone, since = json.loads(sys.argv[1])
        zone = tz.gettz(zone)
        start = datetime.datetime.strptime(start, '%Y-%m-%d %H:%M')
        since = datetime.datetime.strptime(since, '%Y-%m-%d %H:%M').replace(tzinfo=tz.UTC)
        out = []
        for rule in rules:
            times = []
            for one in rrule.rrulestr(rule, dtstart=start):
                # On the wall first, and only then as a moment: an hour that the clocks change moves no fair.
                at = one.replace(tzinfo=zone).astimezone(tz.UTC)
                if at + datetime.timedelta(hours=2) <= since:
                    continue
                if at > since + datetime.timedelta(days=366) or len(times) == 60:
                    break
                times.append(at.strftime('%Y-%m-%d %H:%M'))
            out.append(times)
        print(json.dumps(out))
        PY, json_encode([$rules, $start, $zone, $from], JSON_THROW_ON_ERROR)]);
    assert($read->successful(), $read->errorOutput());
    /** @var list<list<string>> */
    $times = json_decode($read->output(), true, flags: JSON_THROW_ON_ERROR);

    return $times;
}

/** @return list<string> */
function byUs(string $rule, string $start, string $zone, string $from): array
{
    $local = str_replace(['-', ':', ' '], ['', '', 'T'], $start).'00';
    $text = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:x\r\nDTSTAMP:20260101T000000Z\r\nSUMMARY:Fair\r\n"
        ."DTSTART;TZID={$zone}:{$local}\r\nDURATION:PT2H\r\nRRULE:{$rule}\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
    ['found' => $found] = (new ReadCalendar)($text, 'UTC', strtotime("{$from} UTC") * 1000);

    return array_map(static fn (DetectedBooking $one): string => gmdate('Y-m-d H:i', intdiv($one->opensMs, 1000)), $found);
}

it('lays out what repeats as another library does', function (string $start, string $zone): void {
    $rules = [
        'FREQ=DAILY', 'FREQ=DAILY;INTERVAL=3', 'FREQ=DAILY;BYDAY=SA,SU', 'FREQ=WEEKLY', 'FREQ=WEEKLY;INTERVAL=2',
        'FREQ=WEEKLY;BYDAY=TU,SA', 'FREQ=WEEKLY;UNTIL=20270301T000000', 'FREQ=WEEKLY;COUNT=1000', 'FREQ=MONTHLY;BYDAY=2SA',
        'FREQ=MONTHLY;BYDAY=-1SU', 'FREQ=MONTHLY;BYDAY=1SA,3SA', 'FREQ=MONTHLY;BYMONTHDAY=15', 'FREQ=MONTHLY;BYMONTHDAY=31',
        'FREQ=MONTHLY;BYMONTHDAY=-1', 'FREQ=MONTHLY;INTERVAL=2', 'FREQ=MONTHLY;BYDAY=SA,SU;BYSETPOS=-1', 'FREQ=YEARLY',
        'FREQ=YEARLY;BYMONTH=6;BYDAY=2SA', 'FREQ=YEARLY;BYMONTH=12;BYMONTHDAY=6',
    ];
    $from = '2026-11-07 09:00';
    $expected = byDateutil($rules, $start, $zone, $from);
    foreach ($rules as $at => $rule) {
        // RFC 5545: the beginning always counts, even where the rule does not meet it; theirs leaves it out. Here it is long over.
        expect(byUs($rule, $start, $zone, $from))->toBe($expected[$at], "{$rule} from {$start} in {$zone}")
            ->and(count($expected[$at]))->toBeGreaterThan(0, $rule);
    }
})->with([
    'a Saturday, in summer' => ['2026-06-06 10:00', 'Europe/Berlin'],
    'a Saturday, in winter, where the clocks go the other way' => ['2025-12-06 18:30', 'Australia/Sydney'],
    'a fifteenth, across the date line' => ['2026-08-15 08:00', 'Pacific/Auckland'],
    'where no clock ever changes' => ['2026-01-31 12:00', 'Asia/Tokyo'],
]);
