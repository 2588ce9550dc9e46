<?php

declare(strict_types=1);

it('names what there is in the code', function (): void {
    $root = dirname(__DIR__, 2);
    $glossary = (string) file_get_contents("{$root}/docs/glossary.md");
    preg_match_all('/`((?:Core|App)\\\\[\w\\\\]+|(?:app|core|resources)\/[\w\/.]+)`/', $glossary, $named);
    expect(count($named[1]))->toBeGreaterThan(40);
    foreach ($named[1] as $name) {
        $isThere = class_exists($name) || interface_exists($name) || file_exists("{$root}/{$name}")
            || is_dir("{$root}/".str_replace(['Core\\', 'App\\', '\\'], ['core/', 'app/', '/'], $name));
        expect($isThere)->toBeTrue("{$name} is in the glossary, and nowhere else");
    }
});

it('explains each word once, in one sentence', function (): void {
    preg_match_all('/^\| ([^|]+) \| ([^|]+) \|/m', (string) file_get_contents(dirname(__DIR__, 2).'/docs/glossary.md'), $rows);
    $words = array_values(array_diff($rows[1], ['word', '---']));
    expect($words)->toBe(array_values(array_unique($words)))
        ->and(array_filter($rows[2], static fn (string $meaning): bool => preg_match('/\.\s+\S/', $meaning) === 1))->toBe([]);
});
