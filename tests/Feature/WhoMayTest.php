<?php

declare(strict_types=1);

use App\Account\Team\Members;
use App\Bench\Photos\Photos;
use App\Models\Account\Invitation;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Kit\KitItem;
use App\Models\Menu\Menu;
use App\Models\Plan\EventDay;
use Core\Design\Photo\PhotoOf;
use Core\Kit\ItemValues;
use Core\Team\Role;
use Illuminate\Auth\AuthManager;
use Illuminate\Routing\Router;
use Tests\Photo;
use Tests\Scene;

/** Everybody who is signed in: names are taken, children called and moved. */
const EVERYBODY = 'everybody';

/** Those who paint: owner and artists. */
const PAINTERS = 'painters';

/** Those who answer for the team. */
const OWNERS = 'owners';

/**
 * Every address behind the sign-in, and who may use it. An address without a row here fails the test below.
 *
 * @return array<string, string>
 */
function addresses(): array
{
    return [
        'GET searches/{search}' => EVERYBODY, 'DELETE searches/{search}' => EVERYBODY,
        'GET account' => EVERYBODY, 'DELETE account/sign-ins/{signIn}' => EVERYBODY, 'POST account/second-factor' => EVERYBODY,
        'POST account/email' => EVERYBODY,
        'PUT account/second-factor' => EVERYBODY, 'DELETE account/second-factor' => EVERYBODY, 'PUT team/end' => OWNERS,
        'GET team/file' => OWNERS, 'GET team/file/{part}' => OWNERS, 'POST team/file' => OWNERS,
        'DELETE team/end' => OWNERS,
        'GET team' => EVERYBODY, 'PUT password' => EVERYBODY, 'POST session/password' => EVERYBODY, 'PUT team/names-days' => OWNERS,
        'DELETE days/{day}/children/{number}' => PAINTERS, 'POST team/invitations' => OWNERS,
        'DELETE team/invitations/{invitation}' => OWNERS, 'PUT team/members/{member}' => OWNERS, 'DELETE team/members/{member}' => OWNERS,
        'DELETE team/members/{member}/calendar-link' => OWNERS,
        'DELETE session' => EVERYBODY, 'GET days' => EVERYBODY, 'GET days/near' => EVERYBODY, 'GET days/{day}/line' => EVERYBODY,
        'GET days/{day}/line/news' => EVERYBODY, 'GET days/{day}/plans' => PAINTERS,
        'GET days/{day}/pictures' => EVERYBODY, 'POST days/{day}/taps' => EVERYBODY,
        'GET days/{day}/texts' => PAINTERS,
        'GET days/{day}/board' => PAINTERS, 'PUT days/{day}/board' => PAINTERS, 'DELETE days/{day}/board' => PAINTERS,
        'POST days' => PAINTERS, 'PUT days/{day}' => PAINTERS, 'PUT days/{day}/menu' => PAINTERS, 'PUT days/{day}/roster' => PAINTERS,
        'GET days/{day}/plan' => PAINTERS, 'PUT days/{day}/plan' => PAINTERS, 'GET days/{day}/packing' => PAINTERS,
        'GET days/{day}/checklist' => PAINTERS, 'GET days/{day}/air' => PAINTERS,
        'PUT days/{day}/packing/ticks' => PAINTERS, 'PUT days/{day}/packing/extras' => PAINTERS, 'PUT days/{day}/stock' => PAINTERS,
        'DELETE days/{day}/stock' => PAINTERS,
        'POST days/{day}/party-order' => PAINTERS,
        'GET days/{day}/money' => PAINTERS, 'POST days/{day}/money' => PAINTERS, 'PUT days/{day}/money' => PAINTERS,
        'PUT currency' => PAINTERS,
        'POST beginning' => PAINTERS, 'DELETE beginning' => PAINTERS,
        'DELETE days/{day}' => PAINTERS, 'POST days/{deletedDay}/restore' => PAINTERS, 'POST days/{day}/copies' => PAINTERS,
        'GET days/{day}/calendar' => PAINTERS, 'GET clashes' => PAINTERS, 'GET calendar/link' => PAINTERS,
        'PUT calendar/link' => PAINTERS, 'DELETE calendar/link' => PAINTERS, 'POST calendar/look' => PAINTERS,
        'POST calendar/bookings' => PAINTERS,
        'POST days/{day}/forecast' => PAINTERS,
        'POST days/{day}/levers' => PAINTERS, 'POST days/{day}/played' => PAINTERS,
        'GET menus' => PAINTERS, 'POST menus' => PAINTERS, 'GET menus/{menu}' => PAINTERS, 'PUT menus/{menu}' => PAINTERS,
        'DELETE menus/{menu}' => PAINTERS, 'POST menus/{menu}/recommended' => PAINTERS, 'PUT days/{day}/menus/{menu}' => PAINTERS,
        'GET designs' => PAINTERS, 'POST designs' => PAINTERS, 'GET designs/starting-points' => PAINTERS, 'POST designs/file' => PAINTERS,
        'GET designs/{design}' => PAINTERS, 'PUT designs/{design}' => PAINTERS, 'DELETE designs/{design}' => PAINTERS,
        'GET designs/{design}/fitted' => PAINTERS,
        'PUT shelf' => PAINTERS, 'GET designs/{design}/best-order' => PAINTERS,
        'GET designs/{design}/schools' => PAINTERS,
        'GET designs/{design}/ladder' => PAINTERS, 'GET designs/{design}/ladder/rung' => PAINTERS,
        'POST designs/{design}/pin-lines' => PAINTERS,
        'POST designs/{design}/copy' => PAINTERS, 'POST designs/{deletedDesign}/restore' => PAINTERS,
        'GET designs/{design}/file' => PAINTERS,
        'GET designs/{design}/photo' => PAINTERS, 'PUT designs/{design}/photo' => PAINTERS, 'DELETE designs/{design}/photo' => PAINTERS,
        'PUT designs/{design}/photo/places' => OWNERS,
        'POST step-lists' => PAINTERS, 'POST days/{day}/faces/{ticket}/ladder' => PAINTERS,
        'GET kit' => PAINTERS, 'POST kit' => PAINTERS, 'POST kit/starter' => PAINTERS,
        'POST kit/file' => PAINTERS, 'GET kit/brushes' => PAINTERS,
        'PUT kit/hands/{action}' => PAINTERS,
        'POST kit/removals/{removal}/undo' => PAINTERS, 'GET kit/{thing}/uses' => PAINTERS, 'PUT kit/{thing}' => PAINTERS,
        'DELETE kit/{thing}' => PAINTERS,
        'GET ways' => PAINTERS, 'PUT ways/schools' => PAINTERS, 'PUT ways/weather' => PAINTERS, 'PUT ways/timing' => PAINTERS,
        'PUT ways/number' => PAINTERS,
        'DELETE ways/work' => PAINTERS, 'PUT ways/touch-test' => PAINTERS, 'DELETE ways/touch-test' => PAINTERS,
        'GET practice' => PAINTERS, 'GET practice/board' => PAINTERS, 'POST practice/runs' => PAINTERS,
        'DELETE practice/runs/{run}' => PAINTERS,
        'GET days/{day}/logbook' => PAINTERS, 'GET days/{day}/report' => PAINTERS,
        'PUT days/{day}/faces/{ticket}/steps/{position}' => PAINTERS,
        'GET days/{day}/faces.csv' => PAINTERS,
        'GET days/{day}/file' => PAINTERS, 'POST logbook/file' => OWNERS,
        'GET logbook' => PAINTERS, 'GET logbook/years' => PAINTERS,
    ];
}

beforeEach(function (): void {
    $this->scene = Scene::team();
    $owner = $this->scene->painter;
    $this->who = [
        'nobody' => null,
        'other team' => Scene::team('Others')->painter,
        'helper' => app(Members::class)->add($owner->team->name, 'Wren', 'wren@example.org', 'a long password', Role::Helper),
        'artist' => app(Members::class)->add($owner->team->name, 'Tobi', 'tobi@example.org', 'a long password', Role::Artist),
        'owner' => $owner,
    ];
    $this->design = $this->scene->design();
    $this->day = $this->scene->day(1, $this->design);
});

function withPhoto(Design $design): Design
{
    app(Photos::class)->keep(test()->scene->painter, $design, Photo::of(4, 4), PhotoOf::Arm);

    return $design;
}

/** The status of one address for somebody; what is in it is this team's own. */
function statusFor(string $address, ?User $who): int
{
    $test = test();
    [$method, $path] = explode(' ', $address);
    $test->actingAs($test->scene->painter);
    $thing = static fn (): string => (string) KitItem::query()->create([
        'team_id' => $test->day->team_id,
        ...KitItem::columnsOf(ItemValues::read($item = Scene::ulid(), ['kind' => 'brush', 'name' => "round {$item}"])),
    ])->id;
    $deleted = static function (Design|EventDay $one): string {
        $one->delete();

        return $one->id;
    };
    // Only what the address names is made: most name one thing or none.
    $own = [
        '{design}' => static fn (): string => withPhoto($test->scene->design('Here '.Scene::ulid()))->id,
        '{deletedDesign}' => static fn (): string => $deleted($test->scene->design('Gone '.Scene::ulid())),
        '{day}' => static fn (): string => $test->scene->day(1)->id,
        '{deletedDay}' => static fn (): string => $deleted($test->scene->day(1)),
        '{menu}' => static fn (): string => Menu::query()->create(['team_id' => $test->day->team_id, 'name' => 'Fairs'])->id,
        '{thing}' => $thing,
        '{removal}' => static fn (): string => (string) $test->deleteJson("/api/kit/{$thing()}")->json('removalId'),
        '{member}' => static fn (): string => app(Members::class)->add(
            $test->scene->painter->team->name,
            'Odo',
            Scene::ulid().'@example.org',
            'a long password',
        )->id,
        '{invitation}' => static fn (): string => Invitation::query()->create([
            'team_id' => $test->day->team_id, 'role' => Role::Helper, 'token_hash' => hash('sha256', Scene::ulid()),
            'ends_at' => now()->addDay(),
        ])->id,
        '{action}' => static fn (): string => 'load', '{number}' => static fn (): string => '7',
        '{part}' => static fn (): string => 'kit.json',
    ];
    $path = (string) preg_replace_callback('/\{\w+\}/', static fn (array $named): string => ($own[$named[0]] ?? Scene::ulid(...))(), $path);
    app(AuthManager::class)->forgetGuards();
    $who === null ? null : $test->actingAs($who->fresh() ?? $who);

    return $test->json($method, "/api/{$path}")->getStatusCode();
}

it('knows of every address who may use it', function (): void {
    $routes = [];
    foreach (app(Router::class)->getRoutes()->getRoutes() as $route) {
        if (str_starts_with($route->uri(), 'api/') && in_array('auth', $route->gatherMiddleware(), true)) {
            $routes[] = $route->methods()[0].' '.substr($route->uri(), 4);
        }
    }

    expect($routes)->toEqualCanonicalizing(array_keys(addresses()));
});

it('lets in whom it should, and nobody else', function (string $address, string $whom): void {
    $isAbout = preg_match('/\{(design|deletedDesign|day|deletedDay|menu|thing|removal|member|invitation)\}/', $address) === 1;
    foreach ($this->who as $name => $who) {
        $status = statusFor($address, $who);
        match (true) {
            $name === 'nobody' => expect($status)->toBe(401, "{$name}: {$address}"),
            $name === 'other team' && $isAbout => expect($status)->toBe(404, "{$name}: {$address}"),
            $name === 'helper' && $whom === PAINTERS, in_array($name, ['helper', 'artist'], true) && $whom === OWNERS => expect($status)
                ->toBe(403, "{$name}: {$address}"),
            // A run that nobody made, and a child who sits in no chair, are not there for anybody.
            preg_match('/\{(run|number|signIn|search)\}/', $address) === 1 => expect($status)->toBe(404, "{$name}: {$address}"),
            default => expect($status)->toBeIn([200, 201, 204, 409, 422], "{$name}: {$address}"),
        };
    }
})->with(static fn (): array => array_map(null, array_keys(addresses()), array_values(addresses())));

it('takes of a helper what is done at the names desk, and says of the rest whose it is', function (): void {
    $at = now()->getTimestampMs();
    $send = fn (User $who, array ...$taps) => $this->actingAs($who)->postJson(
        "/api/days/{$this->day->id}/taps",
        ['taps' => $taps],
    )->assertOk();
    $opened = Scene::tap('opened', $at - 9000);
    $send($this->who['owner'], $opened);
    $joined = Scene::tap('joined', $at - 8000, ticket: $ticket = Scene::ulid(), design: $this->design->id);
    $called = Scene::tap('called', $at - 7000, ticket: $ticket);
    $send(
        $this->who['helper'],
        $joined,
        $called,
        Scene::tap('undone', $at - 6000, target: $called['id']),
    )->assertJsonPath('outcomes.*.fate', ['kept', 'kept', 'kept']);

    $send(
        $this->who['helper'],
        Scene::tap('seated', $at - 5000, ticket: $ticket, chair: 1, plan: $this->design->plan_id),
        Scene::tap('closed', $at - 4000),
        Scene::tap('undone', $at - 3000, target: $opened['id']),
    )
        ->assertJsonPath('outcomes.*.fate', ['refused', 'refused', 'refused'])->assertJsonPath(
            'outcomes.0.message',
            'That is for those who paint. Ask one of them.',
        );
});

it('shows a helper no prices', function (): void {
    $read = fn (string $name) => $this->actingAs($this->who[$name])->getJson("/api/days/{$this->day->id}/line")->assertOk();

    $read('artist')->assertJsonPath('menu.0.priceCents', 400);
    $read('helper')->assertJsonPath('menu.0.priceCents', null)->assertJsonPath('menu.0.promiseMs', 75_000);
});

it('says who somebody is, and that whoever makes a team owns it', function (): void {
    foreach (['owner' => 'owner', 'artist' => 'artist', 'helper' => 'helper', 'other team' => 'owner'] as $name => $role) {
        $this->actingAs($this->who[$name])->getJson('/api/session')->assertJsonPath('role', $role);
    }
    $this->artisan(
        'inch:team',
        [
            'team' => 'Saltmarsh Faces', 'painter' => 'Bea', 'email' => 'bea@example.org', '--password' => 'a long password',
            '--role' => 'helper',
        ],
    )->assertSuccessful();
    expect(User::query()->where('email', 'bea@example.org')->firstOrFail()->role)->toBe(Role::Helper);
    $this->artisan(
        'inch:team',
        [
            'team' => 'Saltmarsh Faces', 'painter' => 'Kim', 'email' => 'kim@example.org', '--password' => 'a long password',
            '--role' => 'queen',
        ],
    )->assertExitCode(2);
});
