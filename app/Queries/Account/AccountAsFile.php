<?php

declare(strict_types=1);

namespace App\Queries\Account;

use App\Models\Design;
use App\Models\EventDay;
use App\Models\Team;
use App\Queries\Bench\DesignsAsFile;
use App\Queries\Logbook\ReportAsCsv;
use App\Queries\Plan\CalendarText;
use Illuminate\Filesystem\Filesystem;
use RuntimeException;
use ZipArchive;

/**
 * All that is a team's, as one zip: the tables as they are, to be brought in again (schemas/account.v1.schema.json), and beside them
 * what other programs read: designs in the open format, faces as CSV, events as a calendar.
 */
final readonly class AccountAsFile
{
    public const FORMAT = 'inch-timer/account';

    public const VERSION = 1;

    private const MOST_SECONDS = 300;

    private const READ_ME = "The tables/ are the whole of it, a row a line, to be brought in again; manifest.json says what they hold.\n"
        ."designs.json, faces/ and events.ics are the same for other programs. Names of children are in none of it.\n";

    public function __construct(
        private AccountRows $rows,
        private DesignsAsFile $designsAsFile,
        private ReportAsCsv $reportAsCsv,
        private CalendarText $calendarText,
        private Filesystem $files,
    ) {}

    /** @return string the path of the zip, which is the caller's to delete */
    public function __invoke(Team $team): string
    {
        set_time_limit(self::MOST_SECONDS);
        $folder = sys_get_temp_dir().'/inch-account-'.bin2hex(random_bytes(8));
        mkdir("{$folder}/tables", 0700, true);
        mkdir("{$folder}/faces", 0700);
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
        $designs = Design::ofTeam($team->id)->with('steps')->orderBy('name')->orderBy('id')->get()->all();
        file_put_contents("{$folder}/designs.json", ($this->designsAsFile)(array_values($designs)));
        $days = EventDay::ofTeam($team->id)->with('menuItems.design')->orderBy('opens_ms')->orderBy('id')->get();
        file_put_contents("{$folder}/events.ics", ($this->calendarText)($days, $team->name));
        foreach ($days as $at => $day) {
            $name = sprintf('%03d %s %s', $at + 1, gmdate('Y-m-d', intdiv($day->opens_ms, 1000)), self::plain($day->name));
            file_put_contents("{$folder}/faces/{$name}.csv", ($this->reportAsCsv)($day));
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

    /** What any file system takes as a name. */
    private static function plain(string $name): string
    {
        return mb_substr(trim((string) preg_replace('/[^\p{L}\p{N} ]+/u', ' ', $name)), 0, 60);
    }

    private static function zip(string $folder, string $path): string
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::CREATE | ZipArchive::EXCL) !== true) {
            throw new RuntimeException("No zip can be written at {$path}.");
        }
        $zip->addGlob("{$folder}/*.*", 0, ['remove_all_path' => true]);
        foreach (['tables', 'faces'] as $part) {
            $zip->addGlob("{$folder}/{$part}/*.*", 0, ['remove_all_path' => true, 'add_path' => "{$part}/"]);
        }
        $zip->close();

        return $path;
    }
}
