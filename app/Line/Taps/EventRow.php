<?php

declare(strict_types=1);

namespace App\Line\Taps;

use Core\Line\EventValues;
use stdClass;

/**
 * What an event says as a row of chair_events: what is asked for by has a column of its own, the rest stands in `more`, as JSON.
 *
 * @phpstan-import-type Said from EventValues
 */
final readonly class EventRow
{
    private const COLUMNS = [
        'id' => 'id', 'kind' => 'kind', 'at' => 'at_ms', 'ticket' => 'ticket_id', 'firstName' => 'first_name', 'design' => 'design_id',
        'chair' => 'chair', 'plan' => 'plan_id', 'step' => 'step_id', 'before' => 'before_ticket_id', 'target' => 'target_id',
        'painter' => 'painter_id', 'until' => 'until_ms',
    ];

    private function __construct() {}

    /** @return list<string> its columns, and that of the ticket's number */
    public static function columns(): array
    {
        $own = array_map(static fn (string $column): string => "chair_events.{$column}", array_values(self::COLUMNS));

        return [...$own, 'more', 'number'];
    }

    /**
     * @param  Said  $said
     * @return array<string, string|int|null>
     */
    public static function of(array $said): array
    {
        /** @var array<string, string|int|null> $row */
        $row = array_combine(self::COLUMNS, array_map(static fn (string $field) => $said[$field] ?? null, array_keys(self::COLUMNS)));
        $more = array_diff_key($said, self::COLUMNS);

        return [...$row, 'more' => $more === [] ? null : json_encode($more, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)];
    }

    /**
     * @param  stdClass&object{more: string|null}  $row  with columns()
     * @return Said
     */
    public static function read(stdClass $row): array
    {
        $of = static fn (string $column): mixed => $row->{$column};
        $said = [...array_map($of, self::COLUMNS), 'number' => $row->number, ...self::more($row->more)];

        /** @var Said */
        return array_filter($said, static fn (mixed $value): bool => $value !== null);
    }

    /** @return array<string, mixed> what has no column, as it was kept */
    public static function more(?string $kept): array
    {
        /** @var array<string, mixed> */
        return $kept === null ? [] : json_decode($kept, true, flags: JSON_THROW_ON_ERROR);
    }
}
