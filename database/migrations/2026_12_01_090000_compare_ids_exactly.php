<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

// An id is one spelling: in upper case it is another id, for every foreign key and every question. All ids, hashes and names of
// sessions are letters of ASCII.
return new class extends Migration
{
    /** Foreign keys are in the way of it. What brings them back is written down first: a migration that was killed is run again. */
    private const WAITING = 'foreign_keys_waiting';

    public function up(): void
    {
        $this->comparing('CHARACTER SET ascii COLLATE ascii_bin');
    }

    public function down(): void
    {
        $this->comparing('CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_520_ci');
    }

    private function comparing(string $letters): void
    {
        if (! Schema::hasTable(self::WAITING)) {
            Schema::create(self::WAITING, static function (Blueprint $table): void {
                $table->string('of_table');
                $table->string('name');
                $table->text('definition');
            });
            DB::table(self::WAITING)->insert($this->foreignKeys());
        }
        Schema::withoutForeignKeyConstraints(function () use ($letters): void {
            foreach (DB::table(self::WAITING)->get()->groupBy('of_table') as $table => $keys) {
                $this->alter($table, $keys->map(static fn (object $key): string => "DROP FOREIGN KEY IF EXISTS `{$key->name}`")->all());
            }
            foreach ($this->columns($letters) as $table => $changes) {
                $this->alter($table, $changes);
            }
            foreach (DB::table(self::WAITING)->get()->groupBy('of_table') as $table => $keys) {
                $this->alter($table, $keys->pluck('definition')->all());
            }
        });
        Schema::drop(self::WAITING);
    }

    /** @param  array<string>  $changes */
    private function alter(string $table, array $changes): void
    {
        app('db')->statement("ALTER TABLE `{$table}` ".implode(', ', $changes));
    }

    /** @return list<array{of_table: string, name: string, definition: string}> */
    private function foreignKeys(): array
    {
        return array_map(static fn (object $key): array => [
            'of_table' => $key->of_table,
            'name' => $key->name,
            'definition' => "ADD CONSTRAINT `{$key->name}` FOREIGN KEY (`{$key->from_column}`) "
                ."REFERENCES `{$key->to_table}` (`{$key->to_column}`) ON DELETE {$key->on_delete}",
        ], app('db')->select('SELECT k.table_name AS of_table, k.constraint_name AS name, k.column_name AS from_column,
            k.referenced_table_name AS to_table, k.referenced_column_name AS to_column, r.delete_rule AS on_delete
            FROM information_schema.key_column_usage k JOIN information_schema.referential_constraints r
            ON r.constraint_schema = k.constraint_schema AND r.constraint_name = k.constraint_name AND r.table_name = k.table_name
            WHERE k.table_schema = database() AND k.referenced_table_name IS NOT NULL'));
    }

    /** @return array<string, list<string>> by table */
    private function columns(string $letters): array
    {
        $columns = app('db')->select("SELECT table_name AS of_table, column_name AS name, column_type AS type, is_nullable AS nullable,
            column_default AS preset FROM information_schema.columns WHERE table_schema = database()
            AND (column_type IN ('char(26)', 'char(64)')
                OR (table_name, column_name) IN (('kit_items', 'owner_key'), ('sessions', 'id')))");
        $changes = [];
        foreach ($columns as $column) {
            $changes[$column->of_table][] = "MODIFY `{$column->name}` {$column->type} {$letters} "
                .($column->nullable === 'YES' ? 'NULL' : 'NOT NULL')
                .(in_array($column->preset, [null, 'NULL'], true) ? '' : " DEFAULT {$column->preset}");
        }

        return $changes;
    }
};
