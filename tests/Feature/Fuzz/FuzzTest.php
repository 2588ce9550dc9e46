<?php

declare(strict_types=1);

use App\Bench\Designs\SaveDesignRequest;
use App\Http\Requests\StrictRequest;
use App\Line\Taps\RecordTapsRequest;
use App\Models\Account\User;
use App\Models\Kit\KitItem;
use App\Models\Menu\Menu;
use Illuminate\Routing\Route;
use Illuminate\Routing\Router;
use Tests\Feature\Fuzz\Guesser;
use Tests\Scene;

/** Sent in the tests; INCH_FUZZ_CASES sends more of them, INCH_FUZZ_SEED others. */
const FUZZ_CASES = 700;

/** These take seconds of reckoning each, whatever is sent: a few of them are enough. */
const FUZZ_DEAR = ['days/{day}/forecast', 'days/{day}/levers', 'days/{day}/played', 'menus/{menu}/recommended', 'designs/{design}/ladder'];

/** Megabytes of the application before it is asked anything, measured without an opcode cache. */
const FUZZ_BARE_MB = 20;

/** @return list<array{Route, class-string<StrictRequest>}> all addresses behind the sign-in, each with its request */
function addressesWithRules(): array
{
    $found = [];
    foreach (app(Router::class)->getRoutes()->getRoutes() as $route) {
        if (! str_starts_with($route->uri(), 'api/') || ! is_string($route->getAction('controller')) || $route->uri() === 'api/session') {
            continue;
        }
        [$controller, $method] = explode('@', $route->getAction('controller'));
        foreach ((new ReflectionMethod($controller, $method))->getParameters() as $parameter) {
            $type = $parameter->getType();
            if ($type instanceof ReflectionNamedType && is_subclass_of($type->getName(), StrictRequest::class)) {
                $found[] = [$route, $type->getName()];
            }
        }
    }

    return $found;
}

/**
 * @param  class-string<StrictRequest>  $class
 * @param  array<string, object>  $named  what the parts of an address stand for
 * @return array<string, list<mixed>>
 */
function rulesFor(string $class, Route $route, User $painter, array $named): array
{
    $request = $class::create('/', $route->methods()[0]);
    $bound = clone $route;
    $bound->parameters = array_intersect_key($named, array_flip($route->parameterNames()));
    $request->setContainer(app())->setUserResolver(static fn (): User => $painter)->setRouteResolver(static fn (): Route => $bound);
    $rules = method_exists($request, 'rules') ? app()->call([$request, 'rules']) : [];
    assert(is_array($rules));
    /** @var array<string, list<mixed>> $rules */
    $rules = array_map(static fn (mixed $own): array => is_array($own) ? array_values($own) : explode('|', (string) $own), $rules);
    $inner = match ($class) {
        SaveDesignRequest::class => ['steps.*.', new ReflectionMethod($class, 'rulesOfStep')],
        RecordTapsRequest::class => ['taps.*.', new ReflectionMethod($class, 'tapRules')],
        default => null,
    };
    if ($inner !== null) {
        [$path, $method] = $inner;
        /** @var array<string, list<mixed>> $own */
        $own = $method->invoke(null);
        foreach ($own as $field => $each) {
            $rules[$path.$field] = $each;
        }
    }

    return $rules;
}

test('nothing that is sent breaks an address, whatever it is', function (): void {
    $scene = Scene::team();
    $design = $scene->design();
    $day = $scene->day(2, $design);
    $this->actingAs($scene->painter)->postJson('api/kit/starter');
    $menu = Menu::query()->create(['team_id' => $scene->painter->team_id, 'name' => 'Pier']);
    $thing = KitItem::ofTeam($scene->painter->team_id)->firstOrFail();
    $ids = [$design->id, $day->id, $menu->id, $thing->id, $scene->painter->id, ...$design->steps->pluck('id')->all()];
    $named = ['design' => $design, 'deletedDesign' => $design, 'day' => $day, 'deletedDay' => $day, 'menu' => $menu, 'thing' => $thing];
    $seed = (int) (getenv('INCH_FUZZ_SEED') ?: 7);
    $guess = new Guesser($seed, array_values(array_map(strval(...), $ids)));
    $addresses = addressesWithRules();
    expect(count($addresses))->toBeGreaterThan(80);

    [$broken, $slowest, $most, $searches] = [[], [0, '', ''], 0, 0];
    $cases = (int) (getenv('INCH_FUZZ_CASES') ?: FUZZ_CASES);
    for ($case = 0; $case < $cases; $case++) {
        [$route, $class] = $addresses[$case] ?? $guess->one($addresses);
        $uri = substr($route->uri(), 4);
        if (in_array($uri, FUZZ_DEAR, true) && $case >= count($addresses) && ! $guess->chance(3)) {
            continue;
        }
        $path = preg_replace_callback('/\{(\w+)\??\}/', static function (array $found) use ($guess, $named): string {
            $odd = $guess->one(['1', 'x', '01k00000000000000000000000', '%00', '%E2%80%AE', str_repeat('a', 300), '-1', '%ff']);

            return $guess->chance(4) ? $odd : $named[$found[1]]->id ?? $guess->one([Scene::ulid(), '0', 'rinse', $odd]);
        }, $route->uri());
        $body = $guess->body(rulesFor($class, $route, $scene->painter, $named), $guess->one([0, 4, 20, 60]));
        $method = $route->methods()[0];
        $json = str_replace('"'.Guesser::HUGE.'"', '1e999', (string) json_encode($guess->chance(2) ? $guess->hostile() : $body));
        $headers = ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'];
        // What an answer did must not end the next ones: all are the same team's, as they were.
        app('db')->beginTransaction();
        $this->actingAs(User::query()->findOrFail($scene->painter->id));
        $before = memory_get_usage();
        memory_reset_peak_usage();
        $began = hrtime(true);
        $answer = $method === 'GET'
            ? $this->call('GET', $path.'?'.http_build_query($body), server: $headers)
            : $this->call($method, (string) $path, server: $headers, content: $json);
        $ms = intdiv(hrtime(true) - $began, 1_000_000);
        $most = max($most, intdiv(memory_get_peak_usage() - $before, 1_000_000));
        $searched = $answer->getStatusCode() === 202;
        // A search has its own budget, and nobody's request waits for it: its worker's time is told apart.
        $slowest = ! $searched && $ms > $slowest[0] ? [$ms, "{$method} {$uri}", mb_substr($json, 0, 300)] : $slowest;
        $status = $searched
            ? (int) app('db')->table('searches')->where('id', $answer->json('search'))->value('status')
            : $answer->getStatusCode();
        $searches += (int) $searched;
        app('db')->rollBack();
        if ($status >= 500) {
            $why = $answer->exception === null ? '' : $answer->exception::class.': '.mb_substr($answer->exception->getMessage(), 0, 160)
                .' '.basename($answer->exception->getFile()).':'.$answer->exception->getLine();
            $broken["{$method} {$uri} {$status} {$why}"] = mb_substr($json, 0, 300);
        }
    }
    $figures = [
        'seed' => $seed, 'cases' => $cases, 'searches' => $searches, 'slowest_ms' => $slowest, 'memory_mb' => $most, 'broken' => $broken,
    ];
    file_put_contents(base_path('storage/run/fuzz.json'), json_encode($figures, JSON_PRETTY_PRINT | JSON_INVALID_UTF8_SUBSTITUTE));
    expect(array_keys($broken))->toBe([])
        // With what the application takes before it is asked anything, a request stays below 96 MB.
        ->and($most)->toBeLessThan(96 - FUZZ_BARE_MB);
})->group('fuzz');

/** Puts something else in the place of one value, anywhere in it. */
function spoilt(mixed $file, Guesser $guess): mixed
{
    if (! is_array($file) || $file === [] || $guess->chance(12)) {
        return $guess->chance(70) ? $guess->hostile() : (is_int($file) ? (float) $file : $file);
    }
    $key = $guess->one(array_keys($file));
    $file[$key] = spoilt($file[$key], $guess);

    return $file;
}

test('no design file breaks it: it is taken, or refused with the place in it', function (): void {
    $scene = Scene::team();
    $this->actingAs($scene->painter);
    $id = $scene->design()->id;
    $file = $this->get("api/designs/{$id}/file")->assertOk()->json();
    $seed = (int) (getenv('INCH_FUZZ_SEED') ?: 7);
    $guess = new Guesser($seed, [$id]);
    $answers = [];
    for ($case = 0; $case < 300; $case++) {
        app('db')->beginTransaction();
        $json = str_replace('"'.Guesser::HUGE.'"', '1e999', (string) json_encode(spoilt($file, $guess), JSON_PRESERVE_ZERO_FRACTION));
        $headers = ['CONTENT_TYPE' => 'text/plain', 'HTTP_ACCEPT' => 'application/json'];
        $answer = $this->call('POST', 'api/designs/file', server: $headers, content: $json);
        app('db')->rollBack();
        $answers[$answer->getStatusCode()] = ($answers[$answer->getStatusCode()] ?? 0) + 1;
        expect($answer->getStatusCode())->toBeLessThan(500, $json)
            ->and((string) $answer->getContent())->not->toBe('');
    }
    // Both happen, or the test would say nothing.
    expect($answers)->toHaveKeys([200, 422]);
})->group('fuzz');

test('two for coats may be written 2.0, in a file as in a request', function (): void {
    $scene = Scene::team();
    $this->actingAs($scene->painter);
    $file = $this->get("api/designs/{$scene->design()->id}/file")->json();
    $file['designs'][0]['steps'][0]['coats'] = 2.0;
    $json = (string) json_encode($file, JSON_PRESERVE_ZERO_FRACTION);
    expect($json)->toContain('"coats":2.0');
    $made = $this->call('POST', 'api/designs/file', server: ['HTTP_ACCEPT' => 'application/json'], content: $json)->assertOk()->json();
    expect($this->getJson("api/designs/{$made['designs'][0]['id']}")->json('steps.0.coats'))->toBe(2);
});

test('a count is no letter and no yes, and no name hides what turns it round', function (mixed $chairs, int $status): void {
    $scene = Scene::team();
    $day = ['name' => "Pier\u{202E} fair\0", 'place' => '', 'timezone' => 'UTC', 'date' => '2026-11-27', 'opens' => '11:00',
        'closes' => '16:00', 'turnaround' => '1:00'];
    $answer = $this->actingAs($scene->painter)->postJson('api/days', [...$day, 'chairs' => $chairs])->assertStatus($status);
    expect($status === 422 || $answer->json('name') === 'Pier fair')->toBeTrue();
})->with([[1, 200], [1.0, 200], ['1', 422], [true, 422], [[], 422], [1.5, 422], [null, 422]]);
