<?php

declare(strict_types=1);

namespace App\Account\Files;

use Illuminate\Filesystem\Filesystem;
use RuntimeException;
use ZipArchive;

/** Writes tables into one zip, a row a line, as schemas/account.v1.schema.json says; and beside them what other programs read. */
final readonly class TablesAsZip
{
    public const FORMAT = 'inch-timer/account';

    public const VERSION = 1;

    /** Within the zip. */
    private const FOLDERS = ['tables', 'photos'];

    private const FASTEST = 1;

    private const MOST_SECONDS = 300;

    public function __construct(private Filesystem $files) {}

    /**
     * @param  callable(AccountTable): iterable<array<string, scalar|null>>  $rows
     * @param  iterable<string, iterable<string>>  $beside  texts, piece by piece, by the names of their files
     * @return string the path of the zip, which is the caller's to delete
     */
    public function __invoke(callable $rows, iterable $beside): string
    {
        set_time_limit(self::MOST_SECONDS);
        $folder = sys_get_temp_dir().'/inch-account-'.bin2hex(random_bytes(8));
        array_map(static fn (string $one): bool => mkdir("{$folder}/{$one}", 0700, true), self::FOLDERS);
        try {
            $counts = [];
            foreach (AccountTable::all() as $table) {
                $counts[$table->name] = self::write("{$folder}/tables/{$table->name}.jsonl", self::lines($rows($table)));
            }
            self::write("{$folder}/manifest.json", [json_encode(
                ['format' => self::FORMAT, 'version' => self::VERSION, 'tables' => $counts],
                JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR,
            )."\n"]);
            foreach ($beside as $name => $texts) {
                self::write("{$folder}/{$name}", $texts);
            }

            return self::zip($folder, "{$folder}.zip");
        } finally {
            $this->files->deleteDirectory($folder);
        }
    }

    /**
     * @param  iterable<array<string, scalar|null>>  $rows
     * @return iterable<string>
     */
    private static function lines(iterable $rows): iterable
    {
        foreach ($rows as $row) {
            yield json_encode($row, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n";
        }
    }

    /**
     * @param  iterable<string>  $texts
     * @return int how many
     */
    private static function write(string $path, iterable $texts): int
    {
        $file = fopen($path, 'w');
        assert($file !== false);
        $count = 0;
        foreach ($texts as $text) {
            fwrite($file, $text);
            $count++;
        }
        fclose($file);

        return $count;
    }

    private static function zip(string $folder, string $path): string
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::CREATE | ZipArchive::EXCL) !== true) {
            throw new RuntimeException("No zip can be written at {$path}.");
        }
        // Fast rather than small: years of faces are to be there before somebody gives up waiting.
        $packed = ['remove_all_path' => true, 'comp_method' => ZipArchive::CM_DEFLATE, 'comp_flags' => self::FASTEST];
        $zip->addGlob("{$folder}/*.*", 0, $packed);
        foreach (self::FOLDERS as $one) {
            $zip->addGlob("{$folder}/{$one}/*.*", 0, [...$packed, 'add_path' => "{$one}/"]);
        }
        $zip->close();

        return $path;
    }
}
