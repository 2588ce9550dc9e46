<?php

declare(strict_types=1);

namespace App\Queries\Account;

use App\Models\Team;
use Core\Team\AccountPart;
use Illuminate\Filesystem\Filesystem;
use RuntimeException;
use ZipArchive;

/**
 * All that is a team's, as one zip: the tables as they are, to be brought in again (schemas/account.v1.schema.json), and beside them
 * what other programs read: designs and kit in open formats, faces as CSV, events as a calendar.
 */
final readonly class AccountAsFile
{
    public const FORMAT = 'inch-timer/account';

    public const VERSION = 1;

    private const FASTEST = 1;

    private const MOST_SECONDS = 300;

    private const READ_ME = "The tables/ are the whole of it, a row a line, to be brought in again; manifest.json says what they hold.\n"
        ."designs.json, kit.json, faces.csv and events.ics are the same for other programs. Names of children are in none of it.\n";

    public function __construct(
        private AccountRows $rows,
        private PartAsFile $partAsFile,
        private Filesystem $files,
    ) {}

    /** @return string the path of the zip, which is the caller's to delete */
    public function __invoke(Team $team): string
    {
        set_time_limit(self::MOST_SECONDS);
        $folder = sys_get_temp_dir().'/inch-account-'.bin2hex(random_bytes(8));
        mkdir("{$folder}/tables", 0700, true);
        try {
            $this->write($folder, $team);

            return self::zip($folder, "{$folder}.zip");
        } finally {
            $this->files->deleteDirectory($folder);
        }
    }

    private function write(string $folder, Team $team): void
    {
        $counts = [];
        foreach (AccountTable::all() as $table) {
            $counts[$table->name] = $this->writeTable("{$folder}/tables/{$table->name}.jsonl", $table, $team->id);
        }
        file_put_contents("{$folder}/manifest.json", json_encode(
            ['format' => self::FORMAT, 'version' => self::VERSION, 'tables' => $counts],
            JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR,
        )."\n");
        file_put_contents("{$folder}/read-me.txt", self::READ_ME);
        foreach (AccountPart::cases() as $part) {
            $file = fopen("{$folder}/{$part->value}", 'w');
            assert($file !== false);
            foreach (($this->partAsFile)($team, $part) as $text) {
                fwrite($file, $text);
            }
            fclose($file);
        }
    }

    /** @return int how many rows */
    private function writeTable(string $path, AccountTable $table, string $teamId): int
    {
        $file = fopen($path, 'w');
        assert($file !== false);
        $count = 0;
        foreach (($this->rows)($table, $teamId) as $row) {
            fwrite($file, json_encode($row, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n");
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
        $zip->addGlob("{$folder}/tables/*.*", 0, [...$packed, 'add_path' => 'tables/']);
        $zip->close();

        return $path;
    }
}
