<?php

declare(strict_types=1);

namespace App\Account\Files;

use App\Logbook\Report\ReportAsCsv;
use App\Models\Plan\EventDay;
use Generator;

/** One event with its line and its faces as a zip, to be brought into a team that has others; and its faces for other programs. */
final readonly class EventAsFile
{
    private const READ_ME = 'The tables/ are one event, a row a line, and the designs and painters it names, to be brought into a'
        ." logbook.\nfaces.csv is what was painted, for other programs. Names of children are in none of it.\n";

    public function __construct(
        private TablesAsZip $asZip,
        private EventRows $rows,
        private ReportAsCsv $reportAsCsv,
        private FileIds $fileIds,
    ) {}

    /** @return string the path of the zip, which is the caller's to delete */
    public function __invoke(EventDay $day): string
    {
        return ($this->asZip)(fn (AccountTable $table): Generator => $this->rows($table, $day), [
            'read-me.txt' => [self::READ_ME],
            'faces.csv' => [($this->reportAsCsv)($day)],
        ]);
    }

    /** @return Generator<int, array<string, scalar|null>> under ids of the file's own */
    private function rows(AccountTable $table, EventDay $day): Generator
    {
        $ids = $this->fileIds->outward($day->team_id);
        foreach (($this->rows)($table, $day) as $row) {
            yield array_map(static fn (mixed $value): mixed => is_string($value) ? $ids->in($value) : $value, $row);
        }
    }
}
