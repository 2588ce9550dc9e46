<?php

declare(strict_types=1);

namespace App\Account\Files;

use App\Logbook\Report\ReportAsCsv;
use App\Models\Plan\EventDay;
use Generator;
use Illuminate\Database\DatabaseManager;
use Illuminate\Database\Query\Builder;

/** One event with its line and its faces as a zip, to be brought into a team that has others; and its faces for other programs. */
final readonly class EventAsFile
{
    private const READ_ME = 'The tables/ are one event, a row a line, and the designs and painters it names, to be brought into a'
        ." logbook.\nfaces.csv is what was painted, for other programs. Names of children are in none of it.\n";

    /** Of a design: how it is painted. What was learned of it belongs to its team. */
    private const OF_DESIGNS = ['steps', 'face_plans', 'design_rungs'];

    public function __construct(
        private TablesAsZip $asZip,
        private ReportAsCsv $reportAsCsv,
        private FileIds $fileIds,
        private DatabaseManager $database,
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
        foreach ($this->ofEvent($table, $day) as $row) {
            yield array_map(static fn (mixed $value): mixed => is_string($value) ? $ids->in($value) : $value, $row);
        }
    }

    /**
     * The rows of one table that are an event's: its own, and the painters and designs that these refer to.
     *
     * @return Generator<int, array<string, scalar|null>> in the order in which they stand in a file
     */
    private function ofEvent(AccountTable $table, EventDay $day): Generator
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
