<?php

declare(strict_types=1);

namespace Tests\Feature\Killed;

use Illuminate\Support\Facades\File;
use PDO;
use RuntimeException;
use Symfony\Component\Process\Process;

/** A database of a test's own, as durable as it is in earnest, that may be killed; with all that was started beside it. */
final class OwnDatabase
{
    private const NAME = 'inch_killed';

    private const USER = 'inch';

    private const PASSWORD = 'inch-test';

    public readonly string $folder;

    private readonly int $port;

    /** @var array<string, string> */
    private readonly array $env;

    /** @var list<Process> */
    private array $started = [];

    /** @var list<string> command that runs others where its disk is */
    private array $onDisk = [];

    public function __construct()
    {
        $this->folder = sys_get_temp_dir().'/inch-timer-killed-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        $this->port = self::freePort();
        $this->env = [
            'DB_HOST' => '127.0.0.1', 'DB_PORT' => (string) $this->port, 'DB_DATABASE' => self::NAME, 'DB_USERNAME' => self::USER,
            'DB_PASSWORD' => self::PASSWORD, 'DB_SOCKET' => '', 'CACHE_STORE' => 'array', 'QUEUE_CONNECTION' => 'sync',
            'QUEUE_RETRY_AFTER' => '1', 'DATA' => "{$this->folder}/data",
        ];
    }

    /** One with a disk of its own, in a name space that nobody else sees. */
    public static function onSmallDisk(): self
    {
        $database = new self;
        $keeper = $database->start(['unshare', '--map-root-user', '--mount', 'bash', '-c',
            'mkdir "$DATA"; mount -t tmpfs -o size=400m tmpfs "$DATA"; touch "$DATA.there"; exec sleep 1000']);
        for ($wait = 0; $wait < 200 && ! is_file("{$database->folder}/data.there"); $wait++) {
            usleep(20_000);
        }
        $database->onDisk = ['nsenter', "--target={$keeper->getPid()}", '--user', '--mount', '--preserve-credentials', '--wd='.base_path()];

        return $database;
    }

    public function fillDisk(): void
    {
        $this->start([...$this->onDisk, 'dd', 'if=/dev/zero', "of={$this->folder}/data/filler", 'bs=64k', 'status=none'])->wait();
    }

    public function makeRoom(): void
    {
        $this->start([...$this->onDisk, 'rm', "{$this->folder}/data/filler"])->wait();
    }

    /** @param  int  $slowedMs  how much longer than it takes each write to the disk is to last */
    public function up(int $slowedMs = 0): Process
    {
        // Traced from the side (-D), so that whoever kills the process that was started kills the database.
        $slowed = $slowedMs === 0 ? [] : ['strace', '-D', '-f', '-qqq', '--seccomp-bpf', '--output=/dev/null', '--trace=fsync,fdatasync',
            '--inject=fsync,fdatasync:delay_enter='.(1000 * $slowedMs)];
        $database = $this->start([...$this->onDisk, ...$slowed, 'bash', '-c',
            '. tools/database.sh; database_make "$DATA" "$DB_PORT"; database_run durable']);
        $this->inShell('for _ in 1 2 3 4; do database_wait 2>/dev/null && exit 0; done; exit 1')->mustRun();

        return $database;
    }

    /** Empty tables, for whoever sets out. */
    public function make(): void
    {
        $this->inShell(
            'database_grant '.self::NAME.' '.self::USER.' '.self::PASSWORD.'; database_create '.self::NAME
                .'; php artisan migrate --force --quiet',
        )->mustRun();
    }

    /** What an earlier release had written. */
    public function load(string $file): void
    {
        $this->inShell(
            'database_grant '.self::NAME.' '.self::USER.' '.self::PASSWORD.'; database_create '.self::NAME
                .'; zcat '.escapeshellarg($file).' | mariadb --no-defaults --socket="$database_socket" '.self::NAME,
        )->mustRun();
    }

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $env
     */
    public function start(array $command, array $env = []): Process
    {
        $process = new Process($command, base_path(), [...$this->env, ...$env]);
        $this->started[] = $process;
        $process->setTimeout(3600)->start();

        return $process;
    }

    /** @param  list<mixed>  $values */
    public function run(string $sql, array $values = []): void
    {
        $this->connect()->prepare($sql)->execute($values);
    }

    /** @return list<mixed> the first column */
    public function column(string $sql): array
    {
        $asked = $this->connect()->query($sql) ?: throw new RuntimeException('It does not answer.');

        return $asked->fetchAll(PDO::FETCH_COLUMN);
    }

    /** Nobody writes to that table until what is returned goes. */
    public function hold(string $table): PDO
    {
        $holding = $this->connect();
        $holding->exec("lock tables {$table} read");

        return $holding;
    }

    private function connect(): PDO
    {
        return new PDO("mysql:host=127.0.0.1;port={$this->port};dbname=".self::NAME, self::USER, self::PASSWORD);
    }

    public function remove(): void
    {
        foreach ($this->started as $process) {
            $process->stop(0, SIGKILL);
        }
        $this->inShell('rm -f "$database_socket"')->run();
        File::deleteDirectory($this->folder);
    }

    /** With the functions of tools/database.sh. */
    private function inShell(string $command): Process
    {
        $known = '. tools/database.sh; database_socket="${TMPDIR:-/tmp}/inch-timer-$(printf %s "$DATA" | cksum | cut -d" " -f1).sock"';

        return (new Process(['bash', '-c', "{$known}; {$command}"], base_path(), $this->env))->setTimeout(180);
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port is free.');
        $port = (int) substr(strrchr((string) stream_socket_get_name($socket, false), ':') ?: ':0', 1);
        fclose($socket);

        return $port;
    }
}
