<?php

declare(strict_types=1);

namespace App\Operations\Health;

use App\Account\Files\AccountTable;
use App\Account\SignIn\Accounts;
use App\Models\DataState;
use Database\Seeders\DemoSeeder;
use Illuminate\Database\DatabaseManager;
use Illuminate\Support\Facades\DB;
use Throwable;

/** What is wrong with an installation, each in a sentence that says what to do. */
final readonly class HealthChecks
{
    /** Bytes. */
    private const LEAST_FREE = 1_000_000_000;

    private const LONGEST_WAIT_SECONDS = 300;

    private const BACKUP_DAYS = 2;

    private const OLDEST_DATABASE = '10.6';

    private const FOLDERS = ['framework/cache', 'framework/sessions', 'framework/views', 'logs'];

    public function __construct(
        private DatabaseManager $database,
        private StateOfData $stateOfData,
        private LockedAway $lockedAway,
        private InstalledFiles $installedFiles,
        private Accounts $accounts,
    ) {}

    /** @return list<string> nothing where all is well */
    public function __invoke(): array
    {
        try {
            self::asked('1');
        } catch (Throwable $broken) {
            $why = $broken->getPrevious()?->getMessage() ?? $broken->getMessage();

            return [
                ...$this->settings(),
                ...$this->files(),
                "The database does not answer, or is empty: {$why}. Start it, look at DB_HOST, DB_PORT and DB_PASSWORD in .env, and run "
                    .'bin/upgrade.',
            ];
        }

        $missing = $this->missingTables();
        if ($missing !== []) {
            return [...$this->settings(), ...$this->files(), 'Tables are missing: '.implode(', ', $missing).'. Bring back a backup: '
                .'bin/restore FILE.'];
        }

        return [
            ...$this->settings(), ...$this->files(), ...$this->database(), ...$this->locked(), ...$this->queue(), ...$this->demo(),
        ];
    }

    /** @return list<string> */
    private function settings(): array
    {
        return self::said([
            'APP_KEY in .env is empty, and nothing can be signed or encrypted. Run php artisan key:generate.' => config('app.key') === null
                || config('app.key') === '',
            'Letters lie in storage/outbox and go nowhere. Set MAIL_MAILER=smtp and MAIL_HOST in .env.' => self::isOpen()
                && config('mail.default') === 'outbox',
            'APP_URL in .env does not begin with https: what is signed in with can be read on the way. Put TLS in front.' => self::isOpen()
                && ! str_starts_with(config()->string('app.url'), 'https:'),
            'APP_DEBUG in .env is on: strangers are shown how it works inside. Set it to false.' => config('app.debug') === true,
        ]);
    }

    /** @return list<string> */
    private function files(): array
    {
        $backups = (array) glob(storage_path('backups/inch-*.sql.gz'));
        $newest = max([0, ...array_map(static fn (string|bool $file): int => (int) filemtime((string) $file), $backups)]);
        $due = now()->subDays(self::BACKUP_DAYS)->getTimestamp();
        $free = (int) disk_free_space(storage_path());
        $missing = array_filter(self::FOLDERS, static fn (string $folder): bool => ! is_dir(storage_path($folder)));
        $changed = ($this->installedFiles)(base_path('vendor'));
        $readable = is_file(base_path('.env')) && (fileperms(base_path('.env')) & 0o077) !== 0;

        return self::said([
            'The front end is not built: there is no public/build/manifest.json. Run npm install && npm run build.' => ! is_file(
                public_path('build/manifest.json'),
            ),
            storage_path().' cannot be written to. Give it to the user that PHP runs as.' => ! is_writable(storage_path()),
            'Only '.intdiv($free, 1_000_000).' MB are free on the disk. Make room before taps are refused.' => $free < self::LEAST_FREE,
            'Others on this machine can read .env, with its key and password. Run chmod 600 .env.' => $readable,
            'Folders are missing in '.storage_path().': '.implode(', ', $missing).'. Make them again, for the user that PHP runs as.' => (
                $missing !== []
            ),
            count($changed).' files in vendor/ are not as they were installed, '.($changed[0] ?? '').' among them. Delete vendor/ and '
                .'run composer install.' => $changed !== [],
            'Backups do not carry the key that opens what is encrypted in them. Set INCH_BACKUP_PASSPHRASE in .env, or keep a copy of '
                .'.env in a safe place.' => self::isOpen() && config('app.backup_passphrase') === '',
            'There is no backup of the last two days in storage/backups. Run bin/backup, and keep tools/work.sh clock running.' => (
                $newest < $due
            ),
        ]);
    }

    /** @return list<string> */
    private function missingTables(): array
    {
        $schema = $this->database->connection()->getSchemaBuilder();
        $wanted = [...array_column(AccountTable::all(), 'name'), ...array_keys(AccountTable::LEFT_OUT)];

        return array_values(array_filter($wanted, static fn (string $table): bool => ! $schema->hasTable($table)));
    }

    /** @return list<string> */
    private function locked(): array
    {
        $locked = ($this->lockedAway)();

        return self::said([
            'What is kept encrypted does not open with the APP_KEY in .env: '.implode(', ', $locked).'. Put the APP_KEY of the machine '
                .'that the data come from into .env; a backup that carries it sets it by bin/restore.' => $locked !== [],
        ]);
    }

    /** @return list<string> */
    private function database(): array
    {
        $version = self::asked('version()');
        $mode = self::asked('@@sql_mode');
        $apart = abs((int) self::asked('unix_timestamp()') - time());
        $state = ($this->stateOfData)();

        $isOld = ! str_contains($version, 'MariaDB') || version_compare($version, self::OLDEST_DATABASE) < 0;

        return self::said([
            "The database is {$version}; it has to be MariaDB ".self::OLDEST_DATABASE.' or newer.' => $isOld,
            'The database takes what does not fit and cuts it off. Put STRICT_TRANS_TABLES into its sql_mode.' => ! str_contains(
                $mode,
                'STRICT_TRANS_TABLES',
            ),
            'The data are of an older release. Run bin/upgrade.' => $state === DataState::Older,
            'The data are of a newer release than the program. Install that one; this one may spoil them.' => $state === DataState::Newer,
            "The clocks of the database and of this machine are {$apart} seconds apart. Set both by the network." => $apart > 2,
        ]);
    }

    /** @return list<string> */
    private function queue(): array
    {
        $oldest = DB::table('jobs')->whereNull('reserved_at')->min('available_at');
        $waits = is_numeric($oldest) ? time() - (int) $oldest : 0;
        $failed = DB::table('failed_jobs')->count();

        return self::said([
            'Nothing has taken up what is to be done for '.intdiv($waits, 60).' minutes: plans, what is learned, and names that are to be '
                .'forgotten. Run tools/work.sh desk, and keep it running.' => $waits > self::LONGEST_WAIT_SECONDS,
            "{$failed} pieces of work failed. See php artisan queue:failed; queue:retry all tries them again." => $failed > 0,
        ]);
    }

    /** @return list<string> */
    private function demo(): array
    {
        $hasDemo = $this->accounts->ofAddress(DemoSeeder::EMAIL) !== null;

        return self::said([
            'The demo, whose password everybody knows, can be signed in to from outside. Set INCH_DEMO=false in .env, and let its '
                .'painters go.' => self::isOpen() && (config('app.demo') === true || $hasDemo),
        ]);
    }

    /** Whether others reach this machine. */
    private static function isOpen(): bool
    {
        return preg_match('#//(127\.0\.0\.1|localhost)(:|/|$)#', config()->string('app.url')) !== 1;
    }

    private static function asked(string $expression): string
    {
        $value = DB::table('migrations')->selectRaw("{$expression} as value")->limit(1)->value('value');

        return is_scalar($value) ? (string) $value : '';
    }

    /**
     * @param  array<string, bool>  $ailments
     * @return list<string> those that are so
     */
    private static function said(array $ailments): array
    {
        return array_keys(array_filter($ailments));
    }
}
