<?php

declare(strict_types=1);

namespace App\Account\Files;

use Generator;
use Illuminate\Database\DatabaseManager;
use Illuminate\Database\Query\Builder;

/** The rows of one table that are a team's, a handful at a time: an account is larger than what one may hold. */
final readonly class AccountRows
{
    /** Whose rows are fetched together: the faces of an event are, and the steps of a few designs. */
    private const TOGETHER = ['event_day_id' => 1, 'face_id' => 200, 'design_id' => 20, 'menu_id' => 50, 'user_id' => 50];

    private const PARENTS = [
        'event_day_id' => ['event_days', 'id'], 'face_id' => ['faces', 'ticket_id'], 'design_id' => ['designs', 'id'],
        'menu_id' => ['menus', 'id'], 'user_id' => ['users', 'id'],
    ];

    public function __construct(private DatabaseManager $database) {}

    /** @return Generator<int, array<string, scalar|null>> in the order in which they stand in a file */
    public function __invoke(AccountTable $table, string $teamId): Generator
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
