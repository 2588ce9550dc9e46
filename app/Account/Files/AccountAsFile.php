<?php

declare(strict_types=1);

namespace App\Account\Files;

use App\Models\Account\Team;
use App\Models\Bench\Design;
use App\Models\Bench\DesignPhoto;
use Core\Team\AccountPart;
use Generator;
use Illuminate\Database\DatabaseManager;
use Illuminate\Database\Query\Builder;

/** All that is a team's, as one zip: the tables as they are, to be brought in again, and beside them what other programs read. */
final readonly class AccountAsFile
{
    private const READ_ME = "The tables/ are the whole of it, a row a line, to be brought in again; manifest.json says what they hold.\n"
        ."designs.json, kit.json, faces.csv and events.ics are the same for other programs. Names of children are in none of it.\n"
        ."photos/ are your own photos of designs, each by its design's id. A photo of a child stays with whoever was told so.\n";

    /** Whose rows are fetched together: the faces of an event are, and the steps of a few designs. */
    private const TOGETHER = ['event_day_id' => 1, 'face_id' => 200, 'design_id' => 20, 'menu_id' => 50, 'user_id' => 50];

    private const PHOTOS_TOGETHER = 10;

    private const PARENTS = [
        'event_day_id' => ['event_days', 'id'], 'face_id' => ['faces', 'ticket_id'], 'design_id' => ['designs', 'id'],
        'menu_id' => ['menus', 'id'], 'user_id' => ['users', 'id'],
    ];

    public function __construct(private TablesAsZip $asZip, private PartAsFile $partAsFile, private DatabaseManager $database) {}

    /** @return string the path of the zip, which is the caller's to delete */
    public function __invoke(Team $team): string
    {
        return ($this->asZip)(fn (AccountTable $table): Generator => $this->rows($table, $team->id), $this->beside($team));
    }

    /** @return Generator<string, iterable<string>> */
    private function beside(Team $team): Generator
    {
        yield 'read-me.txt' => [self::READ_ME];
        foreach (AccountPart::cases() as $part) {
            yield $part->value => ($this->partAsFile)($team, $part);
        }
        $designs = Design::ofTeam($team->id)->withTrashed()->select('id');
        foreach (DesignPhoto::query()->whereIn('design_id', $designs)->orderBy('design_id')->lazy(self::PHOTOS_TOGETHER) as $photo) {
            yield AccountZip::photoName($photo->design_id) => [$photo->jpeg];
        }
    }

    /**
     * The rows of one table that are a team's, a handful at a time: an account is larger than what one may hold.
     *
     * @return Generator<int, array<string, scalar|null>> in the order in which they stand in a file
     */
    private function rows(AccountTable $table, string $teamId): Generator
    {
        $connection = $this->database->connection();
        $columns = $table->columns();
        foreach ($this->parents($table->scope, $teamId) as $parents) {
            $rows = $connection->table($table->name)->whereIn($table->scope, $parents)->orderByRaw($table->order)->get($columns);
            foreach ($table->inOrder($rows) as $row) {
                /** @var array<string, scalar|null> $values */
                $values = (array) $row;
                yield $table->ofNobody($values);
            }
        }
    }

    /** @return iterable<list<string>> ids that say whose rows are wanted, in order */
    private function parents(string $scope, string $teamId): iterable
    {
        $parent = self::PARENTS[$scope] ?? null;
        if ($parent === null) {
            return [[$teamId]];
        }
        /** @var list<string> $ids */
        $ids = $this->ofTeam($parent[0], $teamId)->orderBy($parent[1])->pluck($parent[1])->all();

        return array_chunk($ids, self::TOGETHER[$scope]);
    }

    private function ofTeam(string $table, string $teamId): Builder
    {
        return $this->database->connection()->table($table)->where('team_id', $teamId);
    }
}
