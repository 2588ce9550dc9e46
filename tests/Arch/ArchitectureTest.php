<?php

declare(strict_types=1);

use Tools\ArchitecturePicture;

// docs/architecture.svg shows the code as it is.

it('is drawn as the code stands', function (): void {
    $root = dirname(__DIR__, 2);

    expect(file_get_contents("{$root}/docs/architecture.svg"))
        ->toBe((new ArchitecturePicture($root))->svg(), 'The picture is old. Run php tools/draw-architecture.php.');
});

it('names in the text what is there', function (): void {
    $root = dirname(__DIR__, 2);
    $text = (string) file_get_contents("{$root}/docs/architecture.md");
    preg_match_all('/`((?:app|core|resources|deploy|tools|bin|database|tests|schemas)\/[^`<*]+)`/', $text, $paths);

    expect(count($paths[1]))->toBeGreaterThan(20);
    foreach ($paths[1] as $path) {
        expect(file_exists("{$root}/{$path}"))->toBeTrue("docs/architecture.md names {$path}, which is not there");
    }
});
