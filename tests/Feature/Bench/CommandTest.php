<?php

declare(strict_types=1);

use App\Line\Taps\StoryOfDay;
use App\Models\Account\Team;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Line\ChairEvent;
use App\Models\Logbook\Face;
use App\Models\Plan\EventDay;
use Illuminate\Support\Facades\Auth;

it('sets up a running fair, a line, and a logbook with history', function (): void {
    $this->travelTo('2026-11-07 13:40:00 UTC');
    $this->artisan('inch:demo')->expectsOutputToContain('ines@saltmarsh.example')->assertExitCode(0);

    $this->actingAs(User::query()->where('name', 'Ines')->firstOrFail());
    $days = $this->getJson('/api/days')->json();
    $fair = $this->getJson("/api/days/{$days[0]['id']}/line")->json();
    expect(Design::query()->count())->toBeGreaterThanOrEqual(6)
        ->and($days)->toHaveCount(2)
        ->and($days[0]['opensAt'])->toBeLessThan(now()->getTimestampMs())->and($days[0]['closesAt'])
        ->toBeGreaterThan(now()->getTimestampMs())
        ->and($fair['isOpen'])->toBeTrue()->and(count($fair['waiting']))->toBeGreaterThanOrEqual(5)
        ->and($fair['chairs'])->toHaveCount(2)->and(array_filter(array_column($fair['chairs'], 'child')))->not->toBe([])
        ->and(Face::query()->where('event_day_id', $days[1]['id'])->count())->toBe(14)
        ->and(Face::query()->where('event_day_id', $days[0]['id'])->count())->toBeGreaterThan(20);
});

it('has a fair in the middle of a day whenever it is set up', function (string $moment): void {
    $this->travelTo($moment);
    $this->artisan('inch:demo')->assertExitCode(0);
    $fair = EventDay::query()->orderByDesc('opens_ms')->firstOrFail();
    $hour = (int) now($fair->timezone)->format('G');

    expect($hour)->toBeGreaterThanOrEqual(11)->toBeLessThanOrEqual(17);
})->with(['2026-11-07 01:30:00 UTC', '2026-11-07 06:00:00 UTC', '2026-11-07 12:00:00 UTC', '2026-11-07 23:59:00 UTC']);

it('sets the demo up once', function (): void {
    $this->artisan('inch:demo')->assertExitCode(0);
    $events = ChairEvent::query()->count();
    $this->artisan('inch:demo')->assertExitCode(0);

    expect(ChairEvent::query()->count())->toBe($events)->and(Team::query()->count())->toBe(1);
});

it('plays a demo in which every tap counts', function (): void {
    $this->artisan('inch:demo')->assertExitCode(0);

    foreach (EventDay::all() as $day) {
        expect(app(StoryOfDay::class)($day)->line->setAside)->toBe([]);
    }
});

it('makes a team, and takes one more painter into it', function (): void {
    $this->artisan(
        'inch:team',
        ['team' => 'Dune Faces', 'painter' => 'Mara', 'email' => 'Mara@example.org', '--password' => 'a long password'],
    )->assertExitCode(0);
    $this->artisan('inch:team', ['team' => 'Dune Faces', 'painter' => 'Wren', 'email' => 'wren@example.org'])
        ->expectsQuestion('Password, twelve letters at least', 'another password')->assertExitCode(0);

    expect(Team::query()->count())->toBe(1)->and(User::query()->count())->toBe(2)
        ->and(Auth::validate(['email' => 'mara@example.org', 'password' => 'a long password']))->toBeTrue();
});

it('refuses a painter that makes no sense', function (array $typed): void {
    $this->artisan(
        'inch:team',
        ['team' => 'Dune Faces', 'painter' => 'Mara', 'email' => 'mara@example.org', '--password' => 'a long password'],
    );

    $this->artisan(
        'inch:team',
        ['team' => 'Dune Faces', 'painter' => 'Wren', 'email' => 'wren@example.org', '--password' => 'a long password', ...$typed],
    )
        ->assertExitCode(2);
    expect(User::query()->count())->toBe(1);
})->with([
    [['email' => 'mara@example.org']], [['email' => 'nowhere']], [['--password' => 'short']], [['painter' => ' ']],
    [['team' => str_repeat('x', 81)]],
]);

it('notices when the types of the browser are out of date', function (): void {
    $this->artisan('inch:types', ['--check' => true])->assertExitCode(0);
});

it('has the demo fair planned, its menu in the menu room, and the party in the boat shed', function (): void {
    $this->travelTo('2026-11-07 13:40:00 UTC');
    $this->artisan('inch:demo')->assertExitCode(0);
    $this->actingAs(User::query()->where('name', 'Ines')->firstOrFail());
    [$fair, $party] = $this->getJson('/api/days')->json();
    $menus = $this->getJson('/api/menus')->json();
    $menu = $this->getJson("/api/menus/{$menus[0]['id']}")->json();
    $plan = $this->getJson("/api/days/{$fair['id']}/plan")->json();

    expect($plan['isAssumed'])->toBeFalse()->and($plan['terms'])->toMatchArray(['kind' => 'festival', 'children' => 110])
        ->and(array_column($plan['menu'], 'name'))->toBe(array_column($menu['offers'], 'name'))
        ->and($this->getJson("/api/days/{$party['id']}/plan")->json('terms'))->toMatchArray(
            ['kind' => 'party', 'arrivals' => 'at_once', 'children' => 14],
        )
        // Whoever has painted there has a pace of their own on something that was logged.
        ->and(array_filter(array_column($menu['offers'], 'faces')))->not->toBe([])
        ->and($this->getJson("/api/days/{$fair['id']}/packing")->json('faces'))->toBeGreaterThan(100);
});
