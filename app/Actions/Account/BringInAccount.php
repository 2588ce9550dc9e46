<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Actions\Plan\RankDesigns;
use App\Actions\ReadShapedJson;
use App\Exceptions\InvalidAccountFile;
use App\Models\Menu;
use App\Models\MenuOffer;
use App\Models\Team;
use App\Models\User;
use App\Queries\Account\AccountTable;
use Generator;
use Illuminate\Database\Connection;
use Illuminate\Database\DatabaseManager;
use Illuminate\Database\QueryException;

/**
 * Brings the file of an account into a team that has nothing of its own yet. Whoever brings it in takes the place of its owner; the
 * other painters come along with what they painted, and sign in once they are invited. All of it comes in, or nothing.
 */
final readonly class BringInAccount
{
    private const AT_ONCE = 300;

    private const MOST_SECONDS = 300;

    private const OWN = ['designs', 'event_days', 'kit_items', 'menus'];

    public function __construct(
        private DatabaseManager $database,
        private ReadShapedJson $readShapedJson,
        private ReadBackAccount $readBack,
        private KeepAct $keepAct,
        private RankDesigns $rank,
    ) {}

    /** @throws InvalidAccountFile saying what is wrong with the file, or that the team has something already */
    public function __invoke(User $owner, string $path): void
    {
        set_time_limit(self::MOST_SECONDS);
        $zip = AccountZip::open($path, $this->readShapedJson);
        $connection = $this->database->connection();
        $connection->transaction(function () use ($connection, $zip, $owner): void {
            Team::query()->lockForUpdate()->findOrFail($owner->team_id);
            foreach (self::OWN as $table) {
                if ($connection->table($table)->where('team_id', $owner->team_id)->exists()) {
                    throw InvalidAccountFile::because(
                        'This team has designs, events, menus or a kit already. Found a new team for the file.',
                    );
                }
            }
            $this->bringIn($connection, $zip, $owner);
            ($this->readBack)($owner->refresh());
            ($this->keepAct)($owner, 'brought in a whole account');
            /** @var list<string> $offered */
            $offered = MenuOffer::query()->whereIn('menu_id', Menu::ofTeam($owner->team_id)->select('id'))->pluck('design_id')->all();
            // Where the file was written before they were worked out, or by a release that did not say.
            ($this->rank)($owner->team_id, $offered);
        });
    }

    /** @param  resource  $stream  of the file */
    public function fromStream(User $owner, $stream): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'inch-account-');
        try {
            file_put_contents($path, $stream);
            $this($owner, $path);
        } finally {
            unlink($path);
        }
    }

    private function bringIn(Connection $connection, AccountZip $zip, User $owner): void
    {
        $rows = new IncomingRows($owner, ShiftedIds::random());
        foreach (AccountTable::all() as $table) {
            $known = $table->columns();
            $hasTeam = $table->namesTeam();
            $from = 1;
            $batch = [];
            foreach ($this->known($zip->rows($table->name), $known, $table->name) as $number => $row) {
                $row = $rows->take($table->name, $row);
                if ($row !== null) {
                    $batch[] = $hasTeam ? [...$row, 'team_id' => $owner->team_id] : $row;
                }
                if (count($batch) === self::AT_ONCE) {
                    self::insert($connection, $table->name, $batch, "lines {$from} to {$number}");
                    $from = $number + 1;
                    $batch = [];
                }
            }
            self::insert($connection, $table->name, $batch, "from line {$from} on");
        }
        $rows->settle();
    }

    /**
     * @param  Generator<int, array<string, scalar|null>>  $rows
     * @param  list<string>  $columns
     * @return Generator<int, array<string, scalar|null>> with all columns, so that many go in at once
     */
    private function known(Generator $rows, array $columns, string $table): Generator
    {
        foreach ($rows as $number => $row) {
            $more = array_diff(array_keys($row), $columns);
            if ($more !== []) {
                throw InvalidAccountFile::because("tables/{$table}.jsonl, line {$number} says ".reset($more)
                    .', which is not known here. The file may be of a newer release.');
            }
            yield $number => $row;
        }
    }

    /** @param  list<array<string, scalar|null>>  $batch */
    private static function insert(Connection $connection, string $table, array $batch, string $place): void
    {
        // An older release said less of a row: what is alike goes in together, the rest as the table has it.
        $alike = [];
        foreach ($batch as $row) {
            $alike[implode(' ', array_keys($row))][] = $row;
        }
        try {
            foreach ($alike as $rows) {
                $connection->table($table)->insert($rows);
            }
        } catch (QueryException $refusal) {
            $why = preg_match("/(?:column|key) [`'](\\w+)/i", $refusal->getPrevious()?->getMessage() ?? '', $found) === 1
                ? " ({$found[1]})"
                : '';

            throw InvalidAccountFile::because("tables/{$table}.jsonl, {$place}: a row does not fit{$why}.");
        }
    }
}
