<?php

declare(strict_types=1);

namespace App\Account\Files;

use App\Exceptions\InvalidAccountFile;
use Illuminate\Database\DatabaseManager;
use Illuminate\Database\QueryException;

/** Puts the rows of a file into the tables, many at once; runs inside the caller's transaction. */
final readonly class PutInRows
{
    private const AT_ONCE = 300;

    /** About so much of their text; the database takes no more than some megabytes in one go, nor does one hold more. */
    private const BYTES_AT_ONCE = 1_000_000;

    public function __construct(private DatabaseManager $database) {}

    /** @throws InvalidAccountFile naming the table and the lines that do not fit */
    public function __invoke(AccountZip $zip, IncomingRows $rows, string $teamId): void
    {
        foreach (AccountTable::all() as $table) {
            $hasTeam = $table->namesTeam();
            $from = 1;
            $bytes = 0;
            $batch = [];
            foreach ($zip->rows($table) as $number => $row) {
                $row = $rows->take($table->name, $row);
                if ($row !== null) {
                    $row = self::own($table, $row, $rows, $number);
                    $batch[] = $hasTeam ? [...$row, 'team_id' => $teamId] : $row;
                    $bytes += strlen(implode('', $row));
                }
                if (count($batch) === self::AT_ONCE || $bytes > self::BYTES_AT_ONCE) {
                    $this->insert($table->name, $batch, "lines {$from} to {$number}");
                    $from = $number + 1;
                    $bytes = 0;
                    $batch = [];
                }
            }
            $this->insert($table->name, $batch, "from line {$from} on");
        }
        $rows->settle();
    }

    /**
     * The one way of a row into a table: what it refers to came with it, or is the team's own.
     *
     * @param  array<string, scalar|null>  $row
     * @return array<string, scalar|null>
     */
    private static function own(AccountTable $table, array $row, IncomingRows $rows, int $number): array
    {
        foreach ($table->references($row) as $column => $id) {
            if (! $rows->has($id)) {
                throw InvalidAccountFile::because(
                    "tables/{$table->name}.jsonl, line {$number}: {$column} leads to nothing in this file.",
                );
            }
        }
        $rows->putIn($table, $row);

        return $row;
    }

    /** @param  list<array<string, scalar|null>>  $batch */
    private function insert(string $table, array $batch, string $place): void
    {
        // An older release said less of a row: what is alike goes in together, the rest as the table has it.
        $alike = [];
        foreach ($batch as $row) {
            $alike[implode(' ', array_keys($row))][] = $row;
        }
        try {
            foreach ($alike as $rows) {
                $this->database->connection()->table($table)->insert($rows);
            }
        } catch (QueryException $refusal) {
            $why = preg_match("/(?:column|key) [`'](\\w+)/i", $refusal->getPrevious()?->getMessage() ?? '', $found) === 1
                ? " ({$found[1]})"
                : '';

            throw InvalidAccountFile::because("tables/{$table}.jsonl, {$place}: a row does not fit{$why}.");
        }
    }
}
