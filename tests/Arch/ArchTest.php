<?php

declare(strict_types=1);

arch('the core uses only itself')
    ->expect('Core')
    ->toOnlyUse(['Core', 'Random', 'DomainException', 'SplPriorityQueue', 'InvalidArgumentException', 'Throwable', 'Closure', 'UnitEnum', 'BackedEnum']);

/** @return array<string, string> names of what the core declares, by file */
function coreFiles(): array
{
    $core = dirname(__DIR__, 2).'/core';
    $names = [];
    foreach (new RegexIterator(new RecursiveIteratorIterator(new RecursiveDirectoryIterator($core)), '/\.php$/') as $file) {
        assert($file instanceof SplFileInfo);
        $names[$file->getPathname()] = 'Core'.str_replace('/', '\\', substr($file->getPathname(), strlen($core), -4));
    }

    return $names;
}

it('keeps the core final and readonly', function (): void {
    $classes = 0;
    foreach (coreFiles() as $name) {
        if (! class_exists($name) || enum_exists($name) || is_subclass_of($name, Throwable::class)) {
            continue;
        }
        $class = new ReflectionClass($name);
        $classes++;
        // The tables of a search are filled while it runs, and go with it.
        $isTable = preg_match('/^Core.(Order|Order.Search|Ladder).Internal./', $name) === 1;
        expect($class->isFinal() && ($class->isReadOnly() || $isTable))->toBeTrue("{$name} is not final and readonly");
    }
    expect($classes)->toBeGreaterThan(15);
});

it('keeps the exceptions of the core final, and speaking for it', function (): void {
    $exceptions = array_filter(coreFiles(), static fn (string $name): bool => class_exists($name) && is_subclass_of($name, Throwable::class));
    expect(count($exceptions))->toBeGreaterThan(10);
    foreach ($exceptions as $name) {
        expect(is_subclass_of($name, Core\Units\CoreException::class) && (new ReflectionClass($name))->isFinal())->toBeTrue("{$name} is not final or not a CoreException");
    }
});

/** Which folders of the core each one may know, besides itself: from the ground up, so that none needs what stands on it. */
const MAY_KNOW = [
    'Units' => [],
    'Team' => [],
    'Colour' => ['Units'],
    'Design' => ['Units', 'Colour'],
    'Surface' => ['Units', 'Colour', 'Design'],
    'Kit' => ['Units', 'Colour', 'Design'],
    'Timeline' => ['Units', 'Colour', 'Design', 'Kit'],
    'Table' => ['Units', 'Colour', 'Design', 'Kit', 'Timeline'],
    'Order' => ['Units', 'Colour', 'Design', 'Surface', 'Kit', 'Timeline'],
    'Pace' => ['Units', 'Colour', 'Design', 'Timeline'],
    'Ladder' => ['Units', 'Colour', 'Design', 'Timeline', 'Order'],
    'Line' => ['Units', 'Design', 'Timeline', 'Team'],
    'Plan' => ['Units', 'Design', 'Timeline', 'Pace', 'Line'],
];

/** @return list<string> what a file of the core knows of folders that it may not know */
function forbidden(string $folder, string $code): array
{
    preg_match_all('/(?<![\w\\\\])\\\\?Core\\\\([A-Z]\w+)\\\\/', $code, $known);

    return array_values(array_diff(array_unique($known[1]), [$folder, ...MAY_KNOW[$folder] ?? []]));
}

it('lets a folder of the core know only what lies below it', function (): void {
    $core = dirname(__DIR__, 2).'/core';
    expect(array_diff(array_map(basename(...), (array) glob("{$core}/*", GLOB_ONLYDIR)), array_keys(MAY_KNOW)))->toBe([], 'a folder that stands nowhere');
    foreach (coreFiles() as $file => $name) {
        expect(forbidden(explode('\\', $name)[1], (string) file_get_contents($file)))->toBe([], "{$name} knows what it may not know");
    }
    // A breach on purpose, both ways it can be written.
    expect(forbidden('Design', 'use Core\Kit\Kit;'))->toBe(['Kit'])->and(forbidden('Kit', 'new \Core\Order\Check'))->toBe(['Order'])
        ->and(forbidden('Kit', "namespace Core\Kit;\nuse Core\Design\Step;"))->toBe([]);
});

arch('everything is strictly typed')
    ->expect(['App', 'Core', 'Database', 'Tools'])->toUseStrictTypes();

arch('controllers know neither models nor core')
    ->expect('App\Http\Controllers')->not->toUse(['App\Models', 'Core', 'Illuminate\Support\Facades\DB']);

arch('controllers hand over to an action or a query')
    ->expect('App\Http\Controllers')->toBeFinal()->toBeReadonly()->toHaveSuffix('Controller');

arch('queries are invokable')
    ->expect('App\Queries')->toBeFinal()->toBeReadonly()->toBeInvokable()->ignoring([App\Queries\Line\DesignOnDay::class, App\Queries\Account\PainterBench::class, App\Queries\Practice\PracticeTarget::class, App\Queries\Plan\DayRoster::class]);

arch('models stay behind actions and queries')
    ->expect('App\Models')->not->toUse(['App\Http', 'App\Actions', 'App\Queries']);

arch('jobs wait in the queue once')
    ->expect('App\Jobs')->toBeFinal()->toImplement(['Illuminate\Contracts\Queue\ShouldQueue', 'Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing']);

arch('resources are plain values')
    ->expect('App\Http\Resources')->classes()->toBeReadonly()->not->toUse('App\Models');

arch('nothing is left over from looking into things')
    ->expect(['dd', 'dump', 'var_dump', 'ray', 'die', 'print_r', 'var_export'])->not->toBeUsed();

arch('nothing runs programs, evaluates text or uses weak hashes')
    ->expect(['eval', 'exec', 'shell_exec', 'system', 'passthru', 'md5', 'sha1', 'extract'])->not->toBeUsed();
