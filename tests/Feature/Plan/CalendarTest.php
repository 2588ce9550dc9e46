<?php

declare(strict_types=1);

use App\Account\Files\FileIds;
use App\Account\Team\Members;
use App\Models\Account\CalendarFeed;
use App\Models\Plan\EventDay;
use App\Models\Plan\EventPlan;
use App\Models\Plan\Shift;
use App\Plan\Calendar\ReadCalendar;
use Core\Plan\Diary\InvalidCalendar;
use Core\Team\Role;
use Sabre\VObject\Reader;
use Tests\Scene;

/** An iCalendar object with these lines in each of its events. */
function ics(string ...$events): string
{
    $all = array_map(static fn (string $lines): string => "BEGIN:VEVENT\nDTSTAMP:20261101T000000Z\n{$lines}\nEND:VEVENT\n", $events);

    return str_replace("\n", "\r\n", "BEGIN:VCALENDAR\nVERSION:2.0\nPRODID:-//Elsewhere//EN\n".implode($all)."END:VCALENDAR\n");
}

beforeEach(function (): void {
    $this->travelTo('2026-11-07 09:00:00 UTC');
    $this->scene = Scene::team();
    $this->actingAs($this->scene->painter);
    $this->day = $this->scene->day(1, $this->scene->design('Wave band'), $this->scene->design('Seal pup'));
    $this->look = fn (string $text, string $zone = 'Europe/Berlin') => $this->call(
        'POST', "/api/calendar/look?timezone={$zone}", server: ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'text/calendar'],
        content: $text,
    );
    $this->found = fn (string $text, string $zone = 'Europe/Berlin'): array => ($this->look)($text, $zone)->assertOk()->json('found');
    $this->at = static fn (string $time): int => strtotime($time) * 1000;
});

it('looks at a calendar without taking any of it', function (): void {
    $before = EventDay::query()->count();
    $found = ($this->found)(ics(
        "UID:one\nSUMMARY:School fair\nLOCATION:Gym\\, north door\nDTSTART:20261121T100000Z\nDTEND:20261121T140000Z",
        "UID:two\nSUMMARY:Long ago\nDTSTART:20250321T100000Z\nDTEND:20250321T140000Z",
    ));
    expect(array_column($found, 'name'))->toBe(['School fair', 'Long ago'])
        ->and(array_column($found, 'state'))->toBe(['fresh', 'over'])
        ->and($found[0])->toMatchArray([
            'key' => 'one', 'place' => 'Gym, north door', 'timezone' => 'Europe/Berlin', 'opensAt' => ($this->at)('2026-11-21 10:00 UTC'),
            'closesAt' => ($this->at)('2026-11-21 14:00 UTC'), 'chairs' => 1, 'turnaroundMs' => 60_000, 'assumed' => [], 'trouble' => null,
        ])
        ->and(EventDay::query()->count())->toBe($before);
});

it('understands times as they are meant', function (string $lines, string $opens, string $closes, string $zone, array $assumed): void {
    [$one] = ($this->found)(ics("UID:one\nSUMMARY:Fair\n{$lines}"));
    expect($one)->toMatchArray([
        'opensAt' => ($this->at)("{$opens} UTC"), 'closesAt' => ($this->at)("{$closes} UTC"), 'timezone' => $zone, 'assumed' => $assumed,
    ]);
})->with([
    'in another zone' => [
        "DTSTART;TZID=America/New_York:20261128T110000\nDTEND;TZID=America/New_York:20261128T130000",
        '2026-11-28 16:00', '2026-11-28 18:00', 'America/New_York', [],
    ],
    'with a length instead of an end' => [
        "DTSTART:20261128T110000Z\nDURATION:PT2H30M", '2026-11-28 11:00', '2026-11-28 13:30', 'Europe/Berlin', [],
    ],
    'wherever one is' => [
        "DTSTART:20261128T110000\nDTEND:20261128T130000", '2026-11-28 10:00', '2026-11-28 12:00', 'Europe/Berlin',
        ['It names no time zone: Europe/Berlin is assumed.'],
    ],
    'for the whole day' => [
        "DTSTART;VALUE=DATE:20261128\nDTEND;VALUE=DATE:20261129", '2026-11-28 10:00', '2026-11-28 15:00', 'Europe/Berlin',
        ['It is there for the whole day: 11:00 to 16:00 is assumed.'],
    ],
    'without an end' => [
        'DTSTART:20261128T110000Z', '2026-11-28 11:00', '2026-11-28 13:00', 'Europe/Berlin', ['It has no end: two hours are assumed.'],
    ],
    'the night on which the clocks go back' => [
        "DTSTART;TZID=Europe/Berlin:20271030T220000\nDTEND;TZID=Europe/Berlin:20271031T040000",
        '2027-10-30 20:00', '2027-10-31 03:00', 'Europe/Berlin', [],
    ],
]);

it('lays out what repeats, by the clock on the wall', function (): void {
    $weekly = "UID:market\nSUMMARY:Market\nDTSTART;TZID=Europe/Berlin:20260314T100000\nDTEND;TZID=Europe/Berlin:20260314T130000\n"
        ."RRULE:FREQ=WEEKLY\nEXDATE;TZID=Europe/Berlin:20261121T100000";
    $moved = "UID:market\nSUMMARY:Market in the hall\nRECURRENCE-ID;TZID=Europe/Berlin:20261128T100000\n"
        ."DTSTART;TZID=Europe/Berlin:20261128T120000\nDTEND;TZID=Europe/Berlin:20261128T150000";
    $answer = ($this->look)(ics($weekly, $moved))->assertOk()->json();
    $found = $answer['found'];
    $local = array_map(static fn (array $one): string => (new DateTimeImmutable('@'.$one['opensAt'] / 1000))
        ->setTimezone(new DateTimeZone('Europe/Berlin'))->format('Y-m-d H:i'), $found);
    // One is left out, one is moved, and summer time changes nothing.
    expect(array_slice($local, 0, 4))->toBe(['2026-11-07 10:00', '2026-11-14 10:00', '2026-11-28 12:00', '2026-12-05 10:00'])
        ->and($local)->toContain('2027-06-05 10:00')->and(count($local))->toBeGreaterThan(48)->toBeLessThan(55)
        ->and($found[2]['name'])->toBe('Market in the hall')
        ->and(count(array_unique(array_column($found, 'key'))))->toBe(count($found))
        ->and($answer['left'])->toBe(['What repeats for longer is laid out for a year, 60 times at most.']);
});

it('does not lose itself in what repeats for ever', function (string $rule, int $times, ?string $trouble): void {
    $found = ($this->found)(ics("UID:x\nSUMMARY:Tide\nDTSTART:19700101T100000Z\nDTEND:19700101T120000Z\nRRULE:{$rule}"));
    expect(count($found))->toBe($times)->and($found[0]['trouble'])->toBe($trouble);
})->with([
    ['FREQ=DAILY', 60, null],
    ['FREQ=MONTHLY;BYDAY=-1SA', 12, null],
    ['FREQ=HOURLY', 1, 'How it repeats cannot be read. Make this one by hand.'],
    ['FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30', 1, 'How it repeats cannot be read. Make this one by hand.'],
]);

it('ends with a calendar of nothing but what repeats', function (): void {
    $daily = array_map(
        static fn (int $at): string => "UID:{$at}\nSUMMARY:Tide\nDTSTART:19700101T100000Z\nDTEND:19700101T120000Z\nRRULE:FREQ=DAILY",
        range(1, 60),
    );
    $answer = ($this->look)(ics(...$daily))->assertOk()->json();
    expect(count($answer['found']))->toBeGreaterThan(60)->toBeLessThanOrEqual(400)
        ->and($answer['left'])->toContain('What repeats for longer is laid out for a year, 60 times at most.');
});

it('makes a day of each day of a festival, and refuses what is no day', function (): void {
    $found = ($this->found)(ics(
        "UID:fest\nSUMMARY:Pier festival\nDTSTART;VALUE=DATE:20270611\nDTEND;VALUE=DATE:20270614",
        "UID:long\nSUMMARY:Camp\nDTSTART:20270701T100000Z\nDTEND:20270703T100000Z",
        "UID:gone\nSUMMARY:Off\nSTATUS:CANCELLED\nDTSTART:20270801T100000Z\nDTEND:20270801T120000Z",
    ));
    expect(array_column($found, 'name'))->toBe(['Pier festival', 'Pier festival', 'Pier festival', 'Camp'])
        ->and(array_column($found, 'state'))->toBe(['fresh', 'fresh', 'fresh', 'unfit'])
        ->and($found[3]['trouble'])->toContain('longer than 14 hours');
    expect(($this->look)(ics("UID:gone\nSTATUS:CANCELLED\nDTSTART:20270801T100000Z\nDTEND:20270801T120000Z"))->json('message'))
        ->toBe('There is no event in that calendar. Export one that holds your bookings.');
});

it('says of a broken one what is wrong, and keeps nothing', function (string $text, string $said): void {
    $before = EventDay::query()->count();
    expect(($this->look)($text)->assertUnprocessable()->json('message'))->toContain($said)
        ->and(EventDay::query()->count())->toBe($before);
})->with([
    'no calendar' => ['Dear diary', 'That is no calendar that can be read'],
    'nothing' => ['', 'That is no calendar that can be read'],
    'cut off' => ["BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:a\r\nSUMM", 'That is no calendar that can be read'],
    'cards of people' => ["BEGIN:VCARD\r\nVERSION:3.0\r\nFN:Wren\r\nEND:VCARD\r\n", 'it holds something else than events'],
    'no event in it' => ["BEGIN:VCALENDAR\r\nVERSION:2.0\r\nEND:VCALENDAR\r\n", 'There is no event in that calendar'],
    'no time in it' => [ics("UID:a\nDTSTART:tomorrow\nSUMMARY:Fair"), 'begins at no time'],
]);

it('reads no calendar of ten megabytes', function (): void {
    $text = ics("UID:a\nSUMMARY:Fair\nDTSTART:20261128T110000Z\nDESCRIPTION:".str_repeat('tide ', 2_000_000));
    expect(fn () => (new ReadCalendar)($text, 'UTC', 0))->toThrow(
        InvalidCalendar::class,
        'That calendar has 11 MB, more than the 5 MB that are read. Export only this year’s events.',
    );
});

it('takes what is ticked, knows it again, and takes over its new hours', function (): void {
    $text = ics("UID:one\nSUMMARY:School fair\nLOCATION:Gym\nDTSTART:20261121T100000Z\nDTEND:20261121T140000Z");
    $bookings = ($this->found)($text);
    $taken = $this->postJson('/api/calendar/bookings', ['bookings' => $bookings])->assertOk()->json();
    expect($taken[0])->toMatchArray(['name' => 'School fair', 'place' => 'Gym', 'timezone' => 'Europe/Berlin', 'chairs' => 1])
        ->and(($this->found)($text)[0]['state'])->toBe('here');

    $later = str_replace('T140000Z', 'T150000Z', $text);
    $changed = ($this->found)($later);
    expect($changed[0]['state'])->toBe('changed');
    $this->postJson('/api/calendar/bookings', ['bookings' => $changed])->assertOk()->assertJsonPath('0.id', $taken[0]['id']);
    expect(EventDay::query()->where('calendar_key', 'one')->count())->toBe(1)
        ->and(EventDay::query()->find($taken[0]['id'])->closes_ms)->toBe(($this->at)('2026-11-21 15:00 UTC'));

    // Taken back and taken again it is the same day.
    $this->deleteJson("/api/days/{$taken[0]['id']}")->assertNoContent();
    expect(($this->found)($later)[0]['state'])->toBe('fresh');
    $this->postJson('/api/calendar/bookings', ['bookings' => $changed])->assertOk()->assertJsonPath('0.id', $taken[0]['id']);
});

it('takes all or none', function (): void {
    $good = ($this->found)(ics("UID:one\nSUMMARY:Fair\nDTSTART:20261121T100000Z\nDTEND:20261121T140000Z"))[0];
    $before = EventDay::query()->count();
    foreach ([['closesAt' => $good['opensAt']], ['closesAt' => $good['opensAt'] + 86_400_000], ['timezone' => 'Sea/Side']] as $wrong) {
        $this->postJson('/api/calendar/bookings', ['bookings' => [$good, [...$good, 'key' => 'two', ...$wrong]]])->assertUnprocessable();
    }
    $this->postJson('/api/calendar/bookings', ['bookings' => []])->assertUnprocessable()
        ->assertJsonPath('message', 'Nothing is ticked. Tick what you want to take.');
    expect(EventDay::query()->count())->toBe($before);
});

it('says what clashes with the diary before it is taken', function (): void {
    // The fair is 11 to 16 UTC; the team has one painter.
    $clashes = ($this->look)(ics(
        "UID:same\nSUMMARY:Other fair\nDTSTART:20261107T120000Z\nDTEND:20261107T130000Z",
        "UID:next\nSUMMARY:Evening\nDTSTART:20261107T171500Z\nDTEND:20261107T190000Z",
        "UID:free\nSUMMARY:Sunday\nDTSTART:20261108T120000Z\nDTEND:20261108T130000Z",
    ))->json('clashes');
    expect(array_map(static fn (array $one): array => [$one['kind'], $one['firstName'], $one['secondName']], $clashes))->toBe([
        ['overlap', 'Harbour lantern fair', 'Other fair'], ['short_way', 'Harbour lantern fair', 'Evening'],
    ])->and($clashes[1])->toMatchArray(['betweenMs' => 25 * 60_000, 'wayMs' => 40 * 60_000]);
});

it('says of the diary what does not go together', function (): void {
    expect($this->getJson('/api/clashes')->assertOk()->json())->toBe([]);
    $tobi = app(Members::class)->add($this->scene->painter->team->name, 'Tobi', 'tobi@example.org', 'a long password', Role::Artist);
    $other = $this->scene->day(1);
    // Two painters, two chairs in two places: they share out.
    expect($this->getJson('/api/clashes')->json())->toBe([]);
    foreach ([$this->day, $other] as $day) {
        Shift::query()->insert(['event_day_id' => $day->id, 'chair' => 1, 'painter_id' => $tobi->id, 'from_ms' => 0]);
    }
    expect($this->getJson('/api/clashes')->json('0'))->toMatchArray(['kind' => 'overlap', 'painters' => ['Tobi']]);
});

it('gives a day out as a file that it takes back as the same day', function (): void {
    $text = $this->get("/api/days/{$this->day->id}/calendar")->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8')
        ->getContent();
    expect(($this->found)($text, 'UTC')[0])->toMatchArray([
        'key' => app(FileIds::class)->inCalendars($this->day->id), 'state' => 'here',
        'name' => 'Harbour lantern fair', 'place' => 'Lantern Quay',
    ]);
    $this->day->update(['name' => 'Renamed']);
    $this->postJson('/api/calendar/bookings', ['bookings' => ($this->found)($text, 'UTC')])->assertOk();
    expect($this->day->refresh()->name)->toBe('Harbour lantern fair');

    // Another team that reads it gets a day of its own, with chairs and turnaround.
    $this->actingAs(Scene::team('Others')->painter);
    $this->day->update(['chairs' => 3, 'turnaround_ms' => 90_000]);
    expect(($this->found)($this->day->id === '' ? '' : str_replace('X-INCH-CHAIRS:1', 'X-INCH-CHAIRS:3', $text))[0])
        ->toMatchArray(['state' => 'fresh', 'chairs' => 3, 'turnaroundMs' => 60_000]);
});

it('shares a link that needs no sign-in, until it is revoked', function (): void {
    expect($this->getJson('/api/calendar/link')->json('address'))->toBeNull();
    $address = $this->putJson('/api/calendar/link')->assertOk()->json('address');
    expect($this->getJson('/api/calendar/link')->json('address'))->toBe($address)->and($address)->toMatch('~/calendar/\w{43}\.ics$~')
        // The link itself is nowhere to be read in the database.
        ->and(CalendarFeed::query()->toBase()->value('token'))->not->toContain(basename($address, '.ics'));
    Scene::team('Others')->day(1);
    app('auth')->forgetGuards();
    $answer = $this->get((string) parse_url($address, PHP_URL_PATH))->assertOk();
    $events = Reader::read((string) $answer->getContent())->select('VEVENT');
    expect(count($events))->toBe(1)->and((string) $events[0]->SUMMARY)->toBe('Harbour lantern fair')
        ->and($answer->headers->getCookies())->toBe([]);

    $this->actingAs($this->scene->painter);
    $new = $this->putJson('/api/calendar/link')->json('address');
    $this->get((string) parse_url($address, PHP_URL_PATH))->assertNotFound();
    $this->get((string) parse_url($new, PHP_URL_PATH))->assertOk();
    $this->deleteJson('/api/calendar/link')->assertOk()->assertJson(['address' => null]);
    $this->get((string) parse_url($new, PHP_URL_PATH))->assertNotFound();
});

it('lets who answers for the team end another one’s link, and writes down who did', function (): void {
    $tobi = app(Members::class)->add('Saltmarsh Faces', 'Tobi', 'tobi@example.org', 'a long password');
    $address = (string) $this->actingAs($tobi)->putJson('/api/calendar/link')->assertOk()->json('address');
    $this->actingAs($this->scene->painter);
    expect(array_column($this->getJson('/api/team')->json('members'), 'hasCalendarLink', 'name'))->toMatchArray(['Tobi' => true]);
    $this->deleteJson("/api/team/members/{$tobi->id}/calendar-link")->assertOk()
        ->assertJsonPath('acts.0.what', 'ended Tobi’s calendar link');
    $this->get((string) parse_url($address, PHP_URL_PATH))->assertNotFound();
    expect(array_unique(array_column($this->getJson('/api/team')->json('members'), 'hasCalendarLink')))->toBe([false]);
});

it('makes a fair again with its menu, roster, plan and money', function (): void {
    $this->day->update(['timezone' => 'Europe/Berlin']);
    $painter = $this->scene->painter;
    Shift::query()->insert([
        ['event_day_id' => $this->day->id, 'chair' => 1, 'painter_id' => $painter->id, 'from_ms' => 0],
        ['event_day_id' => $this->day->id, 'chair' => 1, 'painter_id' => null, 'from_ms' => $this->day->opens_ms + 3_600_000],
    ]);
    $terms = $this->getJson("/api/days/{$this->day->id}/plan")->json('terms');
    $this->putJson("/api/days/{$this->day->id}/plan", [
        ...$terms, 'children' => 77, 'stopNamesAt' => $this->day->closes_ms - 600_000,
    ])->assertOk();
    $money = $this->getJson("/api/days/{$this->day->id}/money")->json('terms');
    $this->putJson("/api/days/{$this->day->id}/money", [...$money, 'kilometres' => 12])->assertNoContent();

    // Across the change to summer time the fair opens at noon by the clock on the wall, an hour earlier by the sun.
    $copies = $this->postJson("/api/days/{$this->day->id}/copies", ['dates' => ['2026-11-14', '2027-05-01']])->assertOk()->json();
    $at = static fn (int $ms): string => (new DateTimeImmutable('@'.intdiv($ms, 1000)))->format('Y-m-d H:i');
    expect([$at($copies[0]['opensAt']), $at($copies[0]['closesAt'])])->toBe(['2026-11-14 11:00', '2026-11-14 16:00'])
        ->and([$at($copies[1]['opensAt']), $at($copies[1]['closesAt'])])->toBe(['2027-05-01 10:00', '2027-05-01 15:00']);
    $summer = EventDay::query()->find($copies[1]['id']);
    expect($summer->load('menuItems.design')->menuItems->map(fn ($item) => [$item->design->name, $item->price_cents])->all())
        ->toBe([['Wave band', 400], ['Seal pup', 400]])
        ->and(Shift::query()->where('event_day_id', $summer->id)->get()->map(fn ($shift) => [$shift->painter_id, $shift->from_ms])->all())
        ->toBe([[$painter->id, 0], [null, $summer->opens_ms + 3_600_000]])
        ->and(EventPlan::query()->find($summer->id)->children)->toBe(77)
        ->and(EventPlan::query()->find($summer->id)->stop_names_ms)->toBe($summer->closes_ms - 600_000)
        ->and($this->getJson("/api/days/{$summer->id}/money")->json('terms.kilometres'))->toBe(12);
    $this->postJson("/api/days/{$this->day->id}/copies", ['dates' => ['2026-02-30']])->assertUnprocessable();
    $this->postJson("/api/days/{$this->day->id}/copies", ['dates' => []])->assertUnprocessable()
        ->assertJsonPath('message', 'No date is chosen. Choose when it takes place again.');
});

it('takes a day out and brings it back, as long as its line was not used', function (): void {
    $this->deleteJson("/api/days/{$this->day->id}")->assertNoContent();
    $this->getJson("/api/days/{$this->day->id}/plan")->assertNotFound();
    expect($this->getJson('/api/days')->json())->toBe([]);
    $this->postJson("/api/days/{$this->day->id}/restore")->assertOk()->assertJson(['name' => 'Harbour lantern fair']);
    $this->getJson("/api/days/{$this->day->id}/plan")->assertOk()->assertJsonCount(2, 'menu');

    $this->postJson("/api/days/{$this->day->id}/taps", ['taps' => [Scene::tap('opened', (int) now()->getTimestampMs())]])->assertOk();
    $this->deleteJson("/api/days/{$this->day->id}")->assertConflict();
    expect(EventDay::query()->whereKey($this->day->id)->exists())->toBeTrue();
});

it('keeps the calendars of two teams apart, though they name their bookings alike', function (): void {
    $bookings = ($this->found)(ics("UID:one\nSUMMARY:School fair\nDTSTART:20261121T100000Z\nDTEND:20261121T140000Z"));
    $ours = $this->postJson('/api/calendar/bookings', ['bookings' => $bookings])->assertOk()->json('0.id');
    $others = Scene::team('Others');
    $this->actingAs($others->painter);
    $again = ($this->found)(ics("UID:one\nSUMMARY:School fair\nDTSTART:20261121T100000Z\nDTEND:20261121T140000Z"));
    expect($again[0]['state'])->toBe('fresh');
    $theirs = $this->postJson('/api/calendar/bookings', ['bookings' => $bookings])->assertOk()->json('0.id');
    expect($theirs)->not->toBe($ours)
        // What goes out under our day's own name is not theirs to change.
        ->and($this->postJson('/api/calendar/bookings', ['bookings' => [
            [...$bookings[0], 'key' => app(FileIds::class)->inCalendars($ours), 'name' => 'Taken'],
        ]])->assertOk()->json('0.id'))->not->toBe($ours)
        ->and(EventDay::query()->find($ours)->name)->toBe('School fair');
});

it('knows again what was given out from here', function (): void {
    $fromAfar = ($this->found)(ics("UID:one\nSUMMARY:School fair\nDTSTART:20261121T100000Z\nDTEND:20261121T140000Z"));
    $taken = $this->postJson('/api/calendar/bookings', ['bookings' => $fromAfar])->json('0.id');
    // In the other calendar it keeps the name that it had there; one of a row that repeats gets one of its own.
    expect($this->get("/api/days/{$taken}/calendar")->getContent())->toContain('UID:one');
    $row = ($this->found)(ics(
        "UID:row\nSUMMARY:Market\nDTSTART:20261121T100000Z\nDTEND:20261121T140000Z\nRRULE:FREQ=WEEKLY;COUNT=2",
    ));
    $second = $this->postJson('/api/calendar/bookings', ['bookings' => $row])->json('1.id');
    expect($this->get("/api/days/{$second}/calendar")->getContent())->toContain('UID:'.app(FileIds::class)->inCalendars($second))
        ->and(array_column(($this->found)((string) $this->get("/api/days/{$second}/calendar")->getContent()), 'state'))->toBe(['here']);
});
