<?php

declare(strict_types=1);

namespace App\Account\Files;

use App\Models\Plan\EventDay;
use Generator;
use Illuminate\Database\DatabaseManager;
use Illuminate\Database\Query\Builder;

/** The rows of one table that are an event's: its own, and the painters and designs that these refer to. */
final readonly class EventRows
{
    /** Of a design: how it is painted. What was learned of it belongs to its team. */
    private const OF_DESIGNS = ['steps', 'face_plans', 'design_rungs'];

    public function __construct(private DatabaseManager $database) {}

    /** @return Generator<int, array<string, scalar|null>> in the order in which they stand in a file */
    public function __invoke(AccountTable $table, EventDay $day): Generator
    {
        [$column, $ids] = $this->wanted($table, $day->id);
        $rows = $this->table($table->name)->whereIn($column, $ids)->orderByRaw($table->order)->get($table->columns());
        foreach ($table->inOrder($rows) as $row) {
            /** @var array<string, scalar|null> $values */
            $values = (array) $row;
            yield $table->ofNobody($values);
        }
    }

    /** @return array{string, list<string>} the column that says whose a row is, and who is wanted */
    private function wanted(AccountTable $table, string $dayId): array
    {
        return match (true) {
            $table->name === 'users' => ['id', $this->painters($dayId)],
            $table->name === 'designs' => ['id', $this->designs($dayId)],
            in_array($table->name, self::OF_DESIGNS, true) => ['design_id', $this->designs($dayId)],
            $table->name === 'event_days' => ['id', [$dayId]],
            $table->scope === 'event_day_id' => ['event_day_id', [$dayId]],
            $table->scope === 'face_id' => ['face_id', self::named($this->of('faces', $dayId), ['ticket_id'])],
            default => [$table->scope, []],
        };
    }

    /** @return list<string> */
    private function painters(string $dayId): array
    {
        return array_values(array_unique([
            ...self::named($this->of('shifts', $dayId), ['painter_id']),
            ...self::named($this->of('chair_events', $dayId), ['user_id', 'painter_id']),
            ...self::named($this->of('faces', $dayId), ['painter_id']),
        ]));
    }

    /** @return list<string> */
    private function designs(string $dayId): array
    {
        return array_values(array_unique([
            ...self::named($this->of('menu_items', $dayId), ['design_id']),
            ...self::named($this->of('chair_events', $dayId), ['design_id']),
            ...self::named($this->table('face_plans')->whereIn('id', $this->of('chair_events', $dayId)->select('plan_id')), ['design_id']),
        ]));
    }

    /**
     * @param  list<string>  $columns
     * @return list<string> the ids that stand in these columns
     */
    private static function named(Builder $rows, array $columns): array
    {
        /** @var list<list<string|null>> $ids */
        $ids = array_map(static fn (string $column): array => $rows->clone()->distinct()->pluck($column)->all(), $columns);

        return array_values(array_filter(array_merge(...$ids), is_string(...)));
    }

    private function of(string $table, string $dayId): Builder
    {
        return $this->table($table)->where('event_day_id', $dayId);
    }

    private function table(string $name): Builder
    {
        return $this->database->connection()->table($name);
    }
}
