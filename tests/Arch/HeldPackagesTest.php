<?php

declare(strict_types=1);

use Composer\InstalledVersions;
use Tools\HeldPackages;

// Every machine gets the same versions.

it('has installed what composer.held and composer.json say', function (): void {
    $root = dirname(__DIR__, 2);
    $held = file("{$root}/composer.held", FILE_IGNORE_NEW_LINES);

    expect(HeldPackages::installed($root))->toBe($held, 'Run bin/start, or php tools/hold-packages.php where composer.json was changed.');
    $wanted = json_decode((string) file_get_contents("{$root}/composer.json"), true, flags: JSON_THROW_ON_ERROR);
    foreach ([...$wanted['require'], ...$wanted['require-dev']] as $name => $version) {
        if (str_contains((string) $name, '/')) {
            expect(ltrim((string) InstalledVersions::getPrettyVersion($name), 'v'))->toBe($version, "{$name} is another version");
        }
    }
});
