<?php

declare(strict_types=1);

use App\Plan\Calendar\CalendarText;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Process;
use Tests\FeatureCase;
use Tests\Scene;

uses(FeatureCase::class, RefreshDatabase::class);

/*
 * What is given out as iCalendar is read by others: Debian's python3-icalendar, a library with a parser of its own, and calcurse, a
 * calendar for the terminal. Both know nothing of this project.
 */

beforeEach(function (): void {
    $this->travelTo('2026-11-07 09:00:00 UTC');
    $scene = Scene::team();
    $day = $scene->day(2, $scene->design('Wave band'), $scene->design('Seal pup'));
    $name = 'Harbour lantern fair; boats, lamps and a “very” long name that has to be folded '.str_repeat('é', 20);
    $day->update(['name' => mb_substr($name, 0, 80), 'timezone' => 'Europe/Berlin']);
    $this->name = mb_substr($name, 0, 80);
    $this->file = tempnam(sys_get_temp_dir(), 'inch').'.ics';
    $days = App\Models\Plan\EventDay::ofTeam($day->team_id)->with('menuItems.design')->get();
    file_put_contents($this->file, app(CalendarText::class)($days, 'Saltmarsh Faces'));
});

afterEach(fn () => unlink($this->file));

it('is read by another library', function (): void {
    $read = Process::run(['/usr/bin/python3', '-c', <<<'PY'
        import json, sys
        from icalendar import Calendar
        cal = Calendar.from_ical(open(sys.argv[1], 'rb').read())
        print(json.dumps([{
            'name': str(e['SUMMARY']), 'place': str(e['LOCATION']), 'menu': str(e['DESCRIPTION']), 'uid': str(e['UID']),
            'opens': e['DTSTART'].dt.isoformat(), 'closes': e['DTEND'].dt.isoformat(), 'errors': e.errors,
        } for e in cal.walk('VEVENT')]))
        PY, $this->file]);
    expect($read->errorOutput())->toBe('');
    $events = json_decode($read->output(), true, flags: JSON_THROW_ON_ERROR);
    expect($events)->toHaveCount(1)->and($events[0])->toMatchArray([
        'name' => $this->name,
        'place' => 'Lantern Quay',
        'menu' => '2 chairs. On the menu: Wave band, Seal pup.',
        'opens' => '2026-11-07T11:00:00+00:00',
        'closes' => '2026-11-07T16:00:00+00:00',
        'errors' => [],
    ]);
});

it('keeps every line as short as the standard wants it', function (): void {
    // RFC 5545, section 3.1: lines end with CRLF and should not be longer than 75 octets.
    $lines = explode("\r\n", rtrim((string) file_get_contents($this->file)));
    expect(max(array_map(strlen(...), $lines)))->toBeLessThanOrEqual(75)->and(count($lines))->toBeGreaterThan(12);
});

it('is taken into a calendar of Debian’s', function (): void {
    $folder = sys_get_temp_dir().'/inch-calcurse-'.getmypid();
    $run = static fn (string ...$more) => Process::env(['TZ' => 'UTC', 'HOME' => $folder])->run(['calcurse', '-D', $folder, ...$more]);
    mkdir($folder);
    $taken = $run('-q', '-i', $this->file);
    expect($taken->successful())->toBeTrue($taken->errorOutput());
    $shown = $run('-Q', '--from', '11/07/2026', '--days', '1')->output();
    expect($shown)->toContain('11:00 -> 16:00')->toContain('Harbour lantern fair; boats, lamps');
    Process::run(['rm', '-r', $folder]);
});
