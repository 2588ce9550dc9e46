<?php

declare(strict_types=1);

use App\Models\Account\User;
use App\Models\Menu\Menu;
use Illuminate\Routing\Route;
use Illuminate\Routing\Router;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Scene;

// A second fuzzer, which knows nothing of any address but that it is there: any shape, depth, size and spelling, keys that come twice,
// bodies that are no JSON. Whatever is sent, it is answered, and never with a fault of ours.

const BLIND_CASES = 400;

/** Words that some address somewhere listens to, so that not all of it is passed over. */
const BLIND_KEYS = [
    'name', 'taps', 'id', 'kind', 'at', 'ticket', 'steps', 'offers', 'items', 'designId', 'shifts', 'list', 'code', 'password', 'email',
    'role', 'opens', 'closes', 'date', 'chairs', 'timezone', 'colours', 'hex', 'zones', 'left', 'seconds', 'from', 'revision', 'since', '',
    '0', '__proto__', "a\0b", 'ключ',
];

final readonly class Blind
{
    private Randomizer $chance;

    /** @param  list<string>  $ids */
    public function __construct(int $seed, private array $ids)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    public function between(int $least, int $most): int
    {
        return $this->chance->getInt($least, $most);
    }

    /**
     * @template T
     *
     * @param  non-empty-array<T>  $of
     * @return T
     */
    public function one(array $of): mixed
    {
        return array_values($of)[$this->between(0, count($of) - 1)];
    }

    /** Not encoded from values: JSON may say what PHP cannot hold. */
    public function json(int $depth = 0): string
    {
        return match ($this->between(0, $depth > 5 ? 6 : 9)) {
            0 => $this->one(['null', 'true', 'false', '0', '-0', '1e400', '-1', '9223372036854775808', '1.7976931348623157e308', '0.1']),
            1 => (string) $this->between(PHP_INT_MIN, PHP_INT_MAX),
            2, 3 => $this->text(),
            4 => '"'.$this->one($this->ids).'"',
            5 => '"'.strtoupper($this->one($this->ids)).'"',
            6 => $this->one(['""', '" "', '"\u0000"', '"\ud800"', '"\u202e\u200b"', '"[]"', '"2026-13-45"', '"99:99"', '"NaN"', '"-0:01"']),
            7 => '['.implode(',', array_map(fn (): string => $this->json($depth + 1), array_fill(0, $this->between(0, 6), 0))).']',
            default => $this->object($depth),
        };
    }

    private function object(int $depth): string
    {
        $pairs = [];
        for ($count = $this->between(0, 8); $count > 0; $count--) {
            $key = json_encode($this->one(BLIND_KEYS));
            $pairs[] = "{$key}:{$this->json($depth + 1)}";
            if ($this->between(0, 6) === 0) {
                // Twice, with something else.
                $pairs[] = "{$key}:{$this->json($depth + 1)}";
            }
        }

        return '{'.implode(',', $pairs).'}';
    }

    private function text(): string
    {
        $letters = $this->one([
            'a', ' ', "\u{301}", '🐚', '漢', "'", '"', '\\', '%', '<script>', ';--', "\r\n", '../', "\u{2028}", '0', ':', '-',
        ]);

        return (string) json_encode(str_repeat($letters, $this->one([1, 2, 12, 300, 5_000, 70_000])));
    }

    public function body(): string
    {
        return match ($this->between(0, 9)) {
            0 => $this->one(['', random_bytes(1), random_bytes(40), random_bytes(5_000)]),
            1 => str_repeat('[', $this->one([10, 600, 20_000])),
            2 => substr($this->object(0), 0, -1),
            3 => '{"a":"'."\xC3\x28".'"}',
            default => $this->object(0),
        };
    }
}

test('whatever is sent to whichever address is answered, and never with a fault of ours', function (): void {
    $scene = Scene::team();
    $design = $scene->design();
    $day = $scene->day(2, $design);
    $this->actingAs($scene->painter)->postJson('api/kit/starter');
    $menu = Menu::query()->create(['team_id' => $scene->painter->team_id, 'name' => 'Pier']);
    $ids = [$design->id, $day->id, $menu->id, $scene->painter->id, (string) $design->plan_id, $design->steps[0]->id];
    $seed = (int) (getenv('INCH_FUZZ_SEED') ?: 11);
    $blind = new Blind($seed, $ids);
    $routes = array_values(array_filter(
        app(Router::class)->getRoutes()->getRoutes(),
        static fn (Route $route): bool => preg_match('#^(api/|board/|calendar/)#', $route->uri()) === 1,
    ));
    expect(count($routes))->toBeGreaterThan(120);
    $cases = (int) (getenv('INCH_FUZZ_CASES') ?: BLIND_CASES);
    [$broken, $slowest] = [[], [0, '']];
    for ($case = 0; $case < $cases; $case++) {
        $route = $routes[$case] ?? $blind->one($routes);
        $path = preg_replace_callback('/\{(\w+)\??\}/', static fn (array $found): string => match ($blind->between(0, 3)) {
            0 => rawurlencode($blind->one(['%', "\u{202E}", 'x', str_repeat('9', 400), 'é', '..', "\n", ''])) ?: '-',
            1 => strtoupper($blind->one($ids)),
            default => ['day' => $day->id, 'design' => $design->id, 'menu' => $menu->id][$found[1]] ?? $blind->one($ids),
        }, $route->uri());
        app('db')->beginTransaction();
        $this->actingAs(User::query()->findOrFail($scene->painter->id));
        $method = $blind->one([...$route->methods(), 'POST', 'PUT']);
        $body = $blind->body();
        $began = hrtime(true);
        $answer = $this->call($method, (string) $path, server: [
            'CONTENT_TYPE' => $blind->one(['application/json', 'application/json', 'text/plain', 'application/zip', 'multipart/form-data']),
            'HTTP_ACCEPT' => 'application/json',
        ], content: $body);
        $ms = intdiv(hrtime(true) - $began, 1_000_000);
        $status = $answer->getStatusCode();
        if ($status === 202 && $method !== 'HEAD') {
            $status = (int) app('db')->table('searches')->where('id', $answer->json('search'))->value('status');
        } elseif ($ms > $slowest[0]) {
            $slowest = [$ms, "{$method} {$route->uri()}"];
        }
        app('db')->rollBack();
        if ($status >= 500 && $status !== 503) {
            $why = $answer->exception === null ? '' : $answer->exception::class.': '.mb_substr($answer->exception->getMessage(), 0, 160)
                .' '.basename($answer->exception->getFile()).':'.$answer->exception->getLine();
            $broken["{$method} {$route->uri()} {$status} {$why}"] = mb_substr(mb_scrub($body), 0, 200);
        }
    }
    file_put_contents(base_path('storage/run/blind-fuzz.json'), json_encode(
        ['seed' => $seed, 'cases' => $cases, 'slowest_ms' => $slowest, 'broken' => $broken],
        JSON_PRETTY_PRINT | JSON_INVALID_UTF8_SUBSTITUTE,
    ));
    expect(array_keys($broken))->toBe([]);
})->group('fuzz');
