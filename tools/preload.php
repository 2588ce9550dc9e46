<?php

declare(strict_types=1);

// Read once when the web server starts: whatever it takes to answer a first request stays loaded for all later ones.
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;

// What Collision hangs into the test runner would be preloaded in part only, with a warning for each part.
/** @var array<string, string> $files */
$files = require __DIR__.'/../vendor/composer/autoload_files.php';
$GLOBALS['__composer_autoload_files'] = array_map(
    static fn (): bool => true,
    array_filter($files, static fn (string $file): bool => str_contains($file, '/nunomaduro/collision/')),
);

require __DIR__.'/../vendor/autoload.php';

(static function (): void {
    $app = require __DIR__.'/../bootstrap/app.php';
    assert($app instanceof Application);
    $app->make(Kernel::class)->handle(Request::create('/api/session', server: ['HTTP_ACCEPT' => 'application/json']));
    foreach (['app', 'core'] as $folder) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(__DIR__."/../{$folder}")) as $file) {
            assert($file instanceof SplFileInfo);
            // Commands answer nobody.
            if ($file->getExtension() === 'php' && ! str_contains($file->getPathname(), '/app/Console/')) {
                require_once $file->getPathname();
            }
        }
    }
})();
