<?php

declare(strict_types=1);

namespace App\Account\Files;

use App\Models\Account\Team;
use Core\Team\AccountPart;
use Generator;

/** All that is a team's, as one zip: the tables as they are, to be brought in again, and beside them what other programs read. */
final readonly class AccountAsFile
{
    private const READ_ME = "The tables/ are the whole of it, a row a line, to be brought in again; manifest.json says what they hold.\n"
        ."designs.json, kit.json, faces.csv and events.ics are the same for other programs. Names of children are in none of it.\n";

    public function __construct(private TablesAsZip $asZip, private AccountRows $rows, private PartAsFile $partAsFile) {}

    /** @return string the path of the zip, which is the caller's to delete */
    public function __invoke(Team $team): string
    {
        return ($this->asZip)(fn (AccountTable $table): Generator => ($this->rows)($table, $team->id), $this->beside($team));
    }

    /** @return Generator<string, iterable<string>> */
    private function beside(Team $team): Generator
    {
        yield 'read-me.txt' => [self::READ_ME];
        foreach (AccountPart::cases() as $part) {
            yield $part->value => ($this->partAsFile)($team, $part);
        }
    }
}
