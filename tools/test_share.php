<?php

declare(strict_types=1);

// Prints which share of all lines of code the tests are, and fails where it has sunk or runs away: php tools/test_share.php
// Blank lines, written types, data and documents do not count.

/** A quarter to a third. */
const LEAST = 0.25;
const MOST = 0.34;

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
if ($share < LEAST || $share > MOST) {
    fprintf(STDERR, "That is not between %.0f and %.0f %%.\n", 100 * LEAST, 100 * MOST);
    exit(1);
}
