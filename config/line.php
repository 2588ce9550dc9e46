<?php

declare(strict_types=1);

$files = [...(array) glob(__DIR__.'/../core/Line/{,Internal/}*.php', GLOB_BRACE), ...(array) glob(__DIR__.'/../core/Units/*.php')];

return [
    /** Changes with the classes of the line: a state written with others is not read again. */
    'shape' => hash('xxh128', implode('', array_map(static fn ($file): string => (string) file_get_contents((string) $file), $files))),
];
