<?php

declare(strict_types=1);

namespace App\Operations\Health;

use App\Models\DataState;
use Illuminate\Database\DatabaseManager;

/** Whether the data are of this release, as the names of its migrations tell. */
final readonly class StateOfData
{
    public function __construct(private DatabaseManager $database) {}

    public function __invoke(): DataState
    {
        $schema = $this->database->connection()->getSchemaBuilder();
        // A first migration that was killed in the middle has left tables, and nobody's data.
        if (! $schema->hasTable('migrations') || ! $schema->hasTable('teams') || ! $this->hasTeams()) {
            return DataState::Empty;
        }
        $files = (array) glob(database_path('migrations/*.php'));
        $known = array_map(static fn (string|bool $file): string => basename((string) $file, '.php'), $files);
        /** @var list<string> $done */
        $done = $this->database->connection()->table('migrations')->pluck('migration')->all();

        return match (true) {
            array_diff($done, $known) !== [] => DataState::Newer,
            array_diff($known, $done) !== [] => DataState::Older,
            default => DataState::Current,
        };
    }

    /** @return string the newest release that has written here; empty where none has said so */
    public function writtenBy(): string
    {
        if (! $this->database->connection()->getSchemaBuilder()->hasTable('releases')) {
            return '';
        }
        $newest = '';
        foreach ($this->database->connection()->table('releases')->pluck('version') as $version) {
            $newest = is_string($version) && version_compare($version, $newest) > 0 ? $version : $newest;
        }

        return $newest;
    }

    private function hasTeams(): bool
    {
        return $this->database->connection()->table('teams')->exists();
    }
}
