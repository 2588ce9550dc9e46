<?php

declare(strict_types=1);

namespace Tests;

use App\Account\Files\AccountAsFile;
use App\Account\Files\AccountTable;
use App\Account\Files\EventAsFile;
use App\Models\Account\Team;
use App\Models\Plan\EventDay;
use ZipArchive;

/** Zips of accounts and events, taken apart and put together. */
final readonly class AccountZips
{
    /** @return array<string, string> the files of what a team gives out, by name */
    public static function given(Team $team): array
    {
        return self::unzipped(app(AccountAsFile::class)($team));
    }

    /** @return array<string, string> the files of what is given out of an event, by name */
    public static function ofEvent(EventDay $day): array
    {
        return self::unzipped(app(EventAsFile::class)($day));
    }

    /** @param  array<string, string>  $files */
    public static function zipped(array $files): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'inch-test-');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::OVERWRITE);
        array_walk($files, static fn (string $text, string $name) => $zip->addFromString($name, $text));
        $zip->close();

        return $path;
    }

    /**
     * Its tables with each id as the number of its first appearance: two accounts are the same when these are.
     *
     * @param  array<string, string>  $files
     * @return array<string, string>
     */
    public static function sameWhoever(array $files): array
    {
        $numbers = [];
        $tables = [];
        foreach (AccountTable::all() as $table) {
            $tables[$table->name] = (string) preg_replace_callback(
                '/(?<![0-9a-zA-Z])(?:[0-7][0-9a-hjkmnp-tv-z]{25}|[0-9a-f]{64})(?![0-9a-zA-Z])/',
                static function (array $found) use (&$numbers): string {
                    $numbers[$found[0]] ??= count($numbers);

                    return "#{$numbers[$found[0]]}";
                },
                $files["tables/{$table->name}.jsonl"],
            );
        }

        return $tables;
    }

    /** @return array<string, string> and the zip is gone */
    private static function unzipped(string $path): array
    {
        $zip = new ZipArchive;
        expect($zip->open($path))->toBeTrue();
        $files = [];
        for ($at = 0; $at < $zip->count(); $at++) {
            $files[(string) $zip->getNameIndex($at)] = (string) $zip->getFromIndex($at);
        }
        $zip->close();
        unlink($path);

        return $files;
    }
}
