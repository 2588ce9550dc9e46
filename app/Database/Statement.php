<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\ConnectionResolverInterface;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/** One of several statements that go to the database together: where many are at work, each way there and back is waited for. */
final readonly class Statement
{
    /** @param  list<mixed>  $bindings */
    public function __construct(public string $sql, public array $bindings) {}

    public static function of(Builder $query): self
    {
        return new self($query->toSql(), $query->getBindings());
    }

    /** @param  non-empty-list<array<string, string|int|null>>  $rows  of the same columns in the same order */
    public static function inserting(string $table, array $rows): self
    {
        $query = DB::table($table);

        return new self($query->getGrammar()->compileInsert($query, $rows), array_merge(...array_map(array_values(...), $rows)));
    }

    /**
     * One after the other, in one way there and back. The first that fails ends them; what those before it did stays, unless a
     * transaction takes it back.
     *
     * @return list<list<stdClass>> the rows of each; none of what only writes
     */
    public static function together(self ...$statements): array
    {
        $connection = app(ConnectionResolverInterface::class)->connection();
        assert($connection instanceof RetryingConnection);

        return $connection->together(...$statements);
    }
}
