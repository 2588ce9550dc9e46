<?php

declare(strict_types=1);

arch('the core uses only itself')
    ->expect('Core')
    ->toOnlyUse(['Core', 'Random', 'DomainException', 'SplPriorityQueue', 'InvalidArgumentException', 'Throwable', 'Closure', 'UnitEnum', 'BackedEnum']);

it('keeps the core final and readonly', function (): void {
    $files = new RegexIterator(new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/core')), '/\.php$/');
    $classes = 0;
    foreach ($files as $file) {
        assert($file instanceof SplFileInfo);
        $name = 'Core'.str_replace('/', '\\', explode('/core', substr($file->getPathname(), 0, -4))[1]);
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

arch('exceptions of the core are final and speak for it')
    ->expect('Core\Exceptions')->classes()->toBeFinal()->toImplement('Core\Exceptions\CoreException');

arch('everything is strictly typed')
    ->expect(['App', 'Core', 'Database', 'Tools'])->toUseStrictTypes();

arch('controllers know neither models nor core')
    ->expect('App\Http\Controllers')->not->toUse(['App\Models', 'Core', 'Illuminate\Support\Facades\DB']);

arch('controllers hand over to an action or a query')
    ->expect('App\Http\Controllers')->toBeFinal()->toBeReadonly()->toHaveSuffix('Controller');

arch('queries are invokable')
    ->expect('App\Queries')->toBeFinal()->toBeReadonly()->toBeInvokable()->ignoring([App\Queries\DesignOnDay::class, App\Queries\PainterBench::class, App\Queries\PracticeTarget::class]);

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
