<?php

declare(strict_types=1);

namespace App\Operations\Health;

use Illuminate\Contracts\Container\Container;
use Illuminate\Contracts\Encryption\Encrypter;
use Illuminate\Database\DatabaseManager;
use RuntimeException;

/** What lies here encrypted and does not open with this server's key, as after a restore on a machine that has another one. */
final readonly class LockedAway
{
    private const KEPT = [
        'second factors' => ['users', 'second_factor'], 'links to boards' => ['board_links', 'token'],
        'links to calendars' => ['calendar_feeds', 'token'], 'phones of parents' => ['text_wishes', 'phone'],
    ];

    public function __construct(private DatabaseManager $database, private Container $container) {}

    /** @return list<string> */
    public function __invoke(): array
    {
        return array_keys(array_filter(self::KEPT, fn (array $kept): bool => ! $this->opens(...$kept)));
    }

    private function opens(string $table, string $column): bool
    {
        $one = $this->database->connection()->table($table)->whereNotNull($column)->value($column);
        try {
            if (is_string($one)) {
                $this->container->make(Encrypter::class)->decrypt($one, false);
            }
        } catch (RuntimeException) {
            // Another key, or none that is one.
            return false;
        }

        return true;
    }
}
