<?php

declare(strict_types=1);

use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Support\Facades\Route;
use Tests\Scene;

it('says that nobody is signed in, and offers the demo', function (): void {
    $this->getJson('/api/session')->assertOk()->assertJson(['teamId' => null, 'demo' => ['email' => 'ines@saltmarsh.example']]);
});

it('offers no demo where there is none', function (): void {
    config(['app.demo' => false]);

    $this->getJson('/api/session')->assertOk()->assertJson(['demo' => null]);
});

it('signs a painter in and out', function (): void {
    $painter = Scene::team()->painter;

    $this->postJson('/api/session', ['email' => $painter->email, 'password' => 'a long password'])
        ->assertOk()->assertJson(['userName' => 'Ines', 'teamName' => 'Saltmarsh Faces']);
    $this->getJson('/api/designs')->assertOk();
    $this->deleteJson('/api/session')->assertOk()->assertJson(['teamId' => null]);
    $this->getJson('/api/designs')->assertUnauthorized();
});

it('lets nobody in on a wrong or missing password', function (array $typed): void {
    Scene::team();

    $this->postJson('/api/session', $typed)->assertUnprocessable()->assertJsonStructure(['message', 'errors']);
    $this->assertGuest();
})->with([
    [['email' => 'ines@example.org', 'password' => 'wrong']],
    [['email' => 'nobody', 'password' => 'a long password']],
    [['email' => 'ines@example.org']],
    [['email' => ['a'], 'password' => ['b']]],
    [['email' => 'ines@example.org', 'password' => str_repeat('x', 300)]],
]);

it('throttles tries at one name', function (): void {
    $wrong = ['email' => 'ines@example.org', 'password' => 'wrong'];
    foreach (range(1, 6) as $_) {
        $this->postJson('/api/session', $wrong)->assertUnprocessable();
    }

    $this->postJson('/api/session', $wrong)->assertTooManyRequests()->assertJsonPath(
        'message',
        'Too many tries. Wait a minute, then try again.',
    );
    $this->postJson('/api/session', ['email' => 'tobi@example.org', 'password' => 'wrong'])->assertUnprocessable();
});

it('counts tries at the account that is found, however its name is written', function (): void {
    $email = Scene::team()->painter->email;
    $ways = [$email, mb_strtoupper($email), str_replace('a', 'á', $email), str_replace('s', 'ś', $email), str_replace('e', 'è', $email)];
    $answers = array_map(
        fn (int $try): int => $this->postJson('/api/session', ['email' => $ways[$try % 5], 'password' => "guess {$try}"])->getStatusCode(),
        range(1, 60),
    );

    expect(array_count_values($answers))->toBe([422 => 6, 429 => 54]);
});

it('counts tries at one account from many addresses, and from one address at many accounts', function (): void {
    $email = Scene::team()->painter->email;
    $try = fn (string $name, string $address): int => $this->withServerVariables(['REMOTE_ADDR' => $address])
        ->postJson('/api/session', ['email' => $name, 'password' => 'wrong'])->getStatusCode();
    $atOne = array_map(fn (int $n): int => $try($email, "10.0.0.{$n}"), range(1, 40));
    $fromOne = array_map(fn (int $n): int => $try("nobody{$n}@example.org", '10.1.0.1'), range(1, 80));

    expect(array_count_values($atOne))->toBe([422 => 30, 429 => 10])
        ->and(array_count_values($fromOne))->toBe([422 => 60, 429 => 20]);
});

it('works as much for a name that nobody has as for a known one', function (): void {
    $known = Scene::team()->painter->email;
    foreach ([$known, 'nobody@example.org'] as $name) {
        $hasher = Mockery::mock(new Illuminate\Hashing\BcryptHasher(['rounds' => 4]));
        $hasher->shouldReceive('check')->once()->passthru();
        $this->app->instance(Illuminate\Contracts\Hashing\Hasher::class, $hasher);
        $this->postJson('/api/session', ['email' => $name, 'password' => 'wrong'])->assertUnprocessable();
    }
});

it('refuses a write without the token of this page', function (): void {
    $this->app->bind(ValidateCsrfToken::class, fn ($app) => new class($app, $app['encrypter']) extends ValidateCsrfToken
    {
        protected function runningUnitTests(): bool
        {
            return false;
        }
    });

    $this->actingAs(Scene::team()->painter)->postJson('/api/designs', ['name' => 'Crab nose', 'placement' => 'nose'])
        ->assertStatus(419)->assertJsonPath('message', 'This page was open too long. Reload it and try again; nothing is lost.');
});

it('lets no stranger to any address but those of coming in', function (): void {
    $closed = 0;
    foreach (Route::getRoutes()->getRoutes() as $route) {
        $isOpen = preg_match('#^api/(session|joining|teams|forgotten|new-password|new-email)#', $route->uri()) === 1;
        if (! str_starts_with($route->uri(), 'api/') || $isOpen
            || str_contains($route->uri(), '{anything}')) {
            continue;
        }
        foreach (array_diff($route->methods(), ['HEAD']) as $method) {
            $uri = preg_replace('/\{\w+\}/', Scene::ulid(), $route->uri());
            $this->json($method, (string) $uri)->assertUnauthorized();
            $closed++;
        }
    }
    expect($closed)->toBeGreaterThan(15);
});

it('answers an address that leads nowhere with a clear message', function (): void {
    $this->getJson('/api/nothing-here')->assertNotFound()->assertJsonStructure(['message']);
});

it('tells the browser to run nothing but what is shipped', function (): void {
    $policy = (string) $this->get('/')->assertOk()->headers->get('Content-Security-Policy');

    expect($policy)->toContain("script-src 'self'")->toContain("default-src 'self'")->toContain("frame-ancestors 'none'")
        ->and(explode('script-src', $policy)[1])->not->toMatch('/^[^;]*unsafe/');
});

it('marks its cookies for the server alone, and secure when the request was', function (): void {
    $cookies = fn (string $url): array => array_column(array_map(
        static fn ($cookie): array => [$cookie->getName(), $cookie->isSecure(), $cookie->isHttpOnly(), $cookie->getSameSite()],
        $this->getJson($url)->headers->getCookies(),
    ), null, 0);

    expect($cookies('https://inch.example/api/session')['inch_timer'])->toBe(['inch_timer', true, true, 'lax'])
        ->and($cookies('http://127.0.0.1/api/session')['inch_timer'])->toBe(['inch_timer', false, true, 'lax']);
});

it('writes a session when something in it changed or it is old, not at every look', function (): void {
    $this->travelTo('2026-11-07 12:00:00 UTC');
    $handler = new class extends Illuminate\Session\ArraySessionHandler
    {
        public int $writes = 0;

        public function __construct()
        {
            parent::__construct(60);
        }

        public function write($sessionId, $data): bool
        {
            $this->writes++;

            return parent::write($sessionId, $data);
        }
    };
    Illuminate\Support\Facades\Session::extend('counted', fn () => $handler);
    config(['session.driver' => 'counted']);
    $painter = Scene::team()->painter;
    $this->postJson('/api/session', ['email' => $painter->email, 'password' => 'a long password'])->assertOk();
    $cookie = $this->getJson('/api/session')->getCookie('inch_timer', decrypt: false)?->getValue();
    $look = fn () => $this->withUnencryptedCookie('inch_timer', (string) $cookie)->withCredentials()->getJson('/api/designs')->assertOk();
    $look();
    $before = $handler->writes;
    foreach (range(1, 5) as $_) {
        $look();
    }
    expect($handler->writes)->toBe($before);

    $this->travel(11)->minutes();
    $look();
    expect($handler->writes)->toBe($before + 1);
});
