<?php

declare(strict_types=1);

namespace App\Database;

use Closure;
use Illuminate\Database\MariaDbConnection;
use PDO;
use stdClass;

/**
 * Begins a transaction anew that lost against another one: as a deadlock on one machine, or, where several hold the data, because
 * another of them had written the same row meanwhile. The one place where that is tried again.
 */
final class RetryingConnection extends MariaDbConnection
{
    private const ATTEMPTS = 8;

    /** @phpstan-param  Closure  $callback */
    public function transaction(Closure $callback, $attempts = self::ATTEMPTS): mixed
    {
        /** @var Closure(self): mixed $callback */
        return parent::transaction($callback, $attempts);
    }

    /** @return list<list<stdClass>> as Statement::together() says */
    public function together(Statement ...$statements): array
    {
        $sql = implode(";\n", array_map(static fn (Statement $one): string => $one->sql, $statements));
        $bindings = array_merge(...array_map(static fn (Statement $one): array => $one->bindings, array_values($statements)));
        /** @var list<list<stdClass>> $rows */
        $rows = $this->run($sql, $bindings, function (string $sql, array $bindings): array {
            $statement = $this->getPdo()->prepare($sql);
            $this->bindValues($statement, $this->prepareBindings($bindings));
            $statement->execute();
            $rows = [];
            do {
                $rows[] = $statement->columnCount() === 0 ? [] : $statement->fetchAll(PDO::FETCH_OBJ);
            } while ($statement->nextRowset());

            return $rows;
        });

        return $rows;
    }
}
