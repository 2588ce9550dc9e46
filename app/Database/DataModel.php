<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Support\Facades\Schema;

/** The tables of the database as they are, by the migrations that made them, for docs/data-model.md. */
final readonly class DataModel
{
    public const PATH = 'docs/data-model.md';

    private const INTRODUCTION = <<<'MD'
        # Data model

        What is kept, table by table. An arrow names the table that a column refers to; `?` stands for what may be empty. Ids are
        ULIDs, times milliseconds since 1970 in UTC or database times in UTC, amounts in the smallest unit of the currency. What
        stands in JSON is described by the schemas in `schemas/` and by the core's values.

        This page is made from the database: `php artisan inch:data-model`.

        MD;

    public function markdown(): string
    {
        /** @var list<array{name: string, comment: string|null}> $tables */
        $tables = Schema::getTables(Schema::getCurrentSchemaName());
        $about = array_column($tables, 'comment', 'name');
        $text = self::INTRODUCTION;
        foreach ((array) glob(database_path('migrations/*.php')) as $file) {
            $code = (string) file_get_contents((string) $file);
            preg_match('#/\*\* (.+) \*/\nreturn#', $code, $title);
            preg_match_all("/Schema::create\\('(\\w+)'/", $code, $made);
            $rows = array_map(
                static fn (string $table): string => "| `{$table}` | ".($about[$table] ?? '').' | '.self::columns($table).' |',
                $made[1],
            );
            $name = rtrim($title[1] ?? basename((string) $file), '.');
            $text .= "\n## {$name}\n\n| table | what | columns |\n|---|---|---|\n".implode("\n", $rows)."\n";
        }

        return $text;
    }

    private static function columns(string $table): string
    {
        /** @var list<array{columns: non-empty-list<string>, foreign_table: string}> $keys */
        $keys = Schema::getForeignKeys($table);
        $refers = [];
        foreach ($keys as $key) {
            $refers[$key['columns'][0]] = $key['foreign_table'];
        }
        /** @var list<array{name: string, nullable: bool}> $columns */
        $columns = Schema::getColumns($table);

        return implode(', ', array_map(
            static fn (array $column): string => "`{$column['name']}`".($column['nullable'] ? '?' : '')
                .(isset($refers[$column['name']]) ? " → `{$refers[$column['name']]}`" : ''),
            $columns,
        ));
    }
}
