<?php

declare(strict_types=1);

// Prints which share of all lines of code the tests are, and fails where it has sunk: php tools/test_share.php
// Blank lines, written types, data and documents do not count.

/** A quarter. More is welcome. */
const LEAST = 0.25;

/** @param  list<string>  $paths */
function lines(array $paths): int
{
    exec('git ls-files -- '.implode(' ', array_map(escapeshellarg(...), $paths)), $files);
    $kept = array_filter(
        $files,
        static fn (string $file): bool => preg_match(
            '/\.(php|ts|svelte|css|mjs|sh)$|^bin\//',
            $file,
        ) === 1 && ! str_ends_with($file, '.gen.ts'),
    );

    return array_sum(array_map(
        static fn (string $file): int => count(array_filter((array) file($file), static fn ($line): bool => trim((string) $line) !== '')),
        $kept,
    ));
}

$tests = lines(['tests']);
$code = lines(['app', 'bin', 'bootstrap', 'config', 'core', 'database', 'resources', 'routes', 'tools']);
$share = $tests / ($tests + $code);
printf("Tests are %.1f %% of %d lines\n", 100 * $share, $tests + $code);
if ($share < LEAST) {
    fprintf(STDERR, "That is less than %.0f %%.\n", 100 * LEAST);
    exit(1);
}
