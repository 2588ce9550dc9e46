<?php

declare(strict_types=1);

namespace App\Operations\Health;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Which files of the installed packages are not as they were installed: tools/manifest.php wrote down what each was. */
final readonly class InstalledFiles
{
    public const MANIFEST = '.manifest.json';

    /** @return list<string> their paths; nothing where nothing was written down */
    public function __invoke(string $folder): array
    {
        /** @var array<string, string>|null $written */
        $written = json_decode((string) @file_get_contents("{$folder}/".self::MANIFEST), true);
        if (! is_array($written)) {
            return [];
        }
        $found = self::sums($folder);

        return array_map(strval(...), array_keys(array_diff_assoc($written, $found) + array_diff_key($found, $written)));
    }

    /** @return array<string, string> by path */
    public static function sums(string $folder): array
    {
        $sums = [];
        $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS));
        foreach ($files as $file) {
            if ($file instanceof SplFileInfo && $file->isFile() && $file->getExtension() === 'php') {
                $sums[substr($file->getPathname(), strlen($folder) + 1)] = (string) hash_file('xxh128', $file->getPathname());
            }
        }
        ksort($sums);

        return $sums;
    }
}
