<?php

declare(strict_types=1);

namespace App\Account\Files;

use Illuminate\Database\DatabaseManager;

/** The published shape of an account's file: its manifest, and a row of each table as the database has it. */
final readonly class AccountSchema
{
    public const PATH = 'schemas/account.v1.schema.json';

    public function __construct(private DatabaseManager $database) {}

    /** @return string JSON Schema */
    public function __invoke(): string
    {
        $counts = $rows = [];
        foreach (AccountTable::all() as $table) {
            $counts[$table->name] = ['type' => 'integer', 'minimum' => 0];
            $rows[$table->name] = $this->row($table);
        }

        return json_encode([
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => 'https://inch-timer.example/'.self::PATH,
            'title' => 'Inch Timer account, version '.TablesAsZip::VERSION,
            'description' => 'All that is a team’s, or one event of it. This is the shape of manifest.json in the zip; under $defs is '
                .'that of a line in tables/NAME.jsonl. Texts of a JSON column are JSON themselves. Times in columns ending in _ms are '
                .'milliseconds since 1970 or lengths in milliseconds; those ending in _cents are in the smallest unit of the team’s '
                .'currency.',
            'type' => 'object',
            'required' => ['format', 'version', 'tables'],
            'additionalProperties' => false,
            'properties' => [
                'format' => ['const' => TablesAsZip::FORMAT],
                'version' => ['const' => TablesAsZip::VERSION],
                'tables' => ['description' => 'How many rows.', 'type' => 'object', 'properties' => $counts],
            ],
            '$defs' => $rows,
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";
    }

    /** @return array<string, mixed> */
    private function row(AccountTable $table): array
    {
        $columns = $this->database->connection()->getSchemaBuilder()->getColumns($table->name);
        $known = $table->among($columns);
        $properties = [];
        foreach ($columns as $column) {
            if (in_array($column['name'], $known, true)) {
                $type = match ($column['type_name']) {
                    'bigint', 'int', 'smallint', 'tinyint', 'mediumint' => 'integer',
                    'double', 'float' => 'number',
                    default => 'string',
                };
                $properties[$column['name']] = ['type' => $column['nullable'] ? [$type, 'null'] : $type];
            }
        }

        return ['type' => 'object', 'required' => $known, 'additionalProperties' => false, 'properties' => $properties];
    }
}
