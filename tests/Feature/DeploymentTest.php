<?php

declare(strict_types=1);

use App\Http\Middleware\GuardContent;
use Illuminate\Console\Scheduling\Event;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

// The files of deploy/, read by the programs that they are for.

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/inch-deploy-'.bin2hex(random_bytes(4));
    mkdir($this->folder, 0700);
    // As it would lie on a machine, with what stands for that machine replaced by what this one has.
    (new Filesystem)->copyDirectory(base_path('deploy'), "{$this->folder}/deploy");
    $put = [
        '/srv/inch-timer/deploy' => "{$this->folder}/deploy", '/srv/inch-timer' => base_path(), '/run/' => "{$this->folder}/",
        '/etc/ssl/faces.example' => $this->folder, '/var/cache/nginx' => $this->folder, 'listen 80;' => 'listen 127.0.0.1:18080;',
        'listen 443 ' => 'listen 127.0.0.1:18443 ', '# include /srv' => 'include /srv', 'User=inch' => 'User=root',
        'user = inch' => 'user = '.get_current_user(), 'group = inch' => 'group = '.get_current_user(), 'www-data' => get_current_user(),
    ];
    foreach ((new Filesystem)->allFiles("{$this->folder}/deploy") as $file) {
        // What is taken in is put in its place first.
        $text = str_replace('# include /srv', 'include /srv', $file->getContents());
        file_put_contents($file->getPathname(), str_replace(array_keys($put), array_values($put), $text));
    }
    $this->runs = static function (string ...$command): string {
        $process = new Process($command, env: ['PATH' => getenv('PATH').':/usr/sbin']);
        $process->run();

        return $process->isSuccessful() ? 'well' : $process->getOutput().$process->getErrorOutput();
    };
});

afterEach(fn () => (new Filesystem)->deleteDirectory($this->folder));

it('has settings that nginx reads, with TLS and with the module that tells screens of changes', function (): void {
    ($this->runs)(
        ...['openssl', 'req', '-x509', '-newkey', 'rsa:2048', '-nodes', '-subj', '/CN=faces.example', '-days', '1'],
        ...['-keyout', "{$this->folder}/privkey.pem", '-out', "{$this->folder}/fullchain.pem"],
    );
    file_put_contents("{$this->folder}/nginx.conf", "load_module /usr/lib/nginx/modules/ngx_nchan_module.so;\n"
        ."pid {$this->folder}/pid;\nerror_log {$this->folder}/log;\nevents {}\nhttp {\ninclude /etc/nginx/mime.types;\n"
        ."include {$this->folder}/deploy/nginx.conf;\n}\n");
    expect(($this->runs)('nginx', '-t', '-q', '-c', "{$this->folder}/nginx.conf"))->toBe('well');
});

it('has pools that FPM reads, and settings that MariaDB reads', function (): void {
    $asRoot = get_current_user() === 'root' ? ['-R'] : [];
    foreach (['line', 'door', 'watch', 'desk'] as $pool) {
        expect(($this->runs)('php-fpm8.2', '-t', ...$asRoot, ...['-y', "{$this->folder}/deploy/php-fpm-{$pool}.conf"]))->toBe('well');
    }
    expect(($this->runs)('mariadbd', "--defaults-file={$this->folder}/deploy/mariadb.cnf", '--help', '--verbose'))->toBe('well');
});

it('has units that systemd reads', function (): void {
    foreach (['fpm@line', 'fpm@door', 'fpm@watch', 'fpm@desk', 'worker@searches-1'] as $unit) {
        [$name, $instance] = explode('@', $unit);
        $file = "{$this->folder}/inch-timer-{$name}@{$instance}.service";
        $weight = "{$this->folder}/deploy/systemd/inch-timer-{$name}@{$instance}.service.d/weight.conf";
        $service = file_get_contents("{$this->folder}/deploy/systemd/inch-timer-{$name}@.service");
        file_put_contents($file, $service.(is_file($weight) ? "\n".file_get_contents($weight) : ''));
        // What it warns of is another machine's business; a line that it does not understand is ours.
        expect(($this->runs)('systemd-analyze', 'verify', '--man=no', $file))->not->toContain('Unknown', 'Invalid', 'Failed to parse');
    }
})->skip(fn (): bool => ! is_executable('/usr/bin/systemd-analyze'), 'no systemd here');

it('says the same as the server that bin/start runs', function (): void {
    $nginx = (string) file_get_contents(base_path('deploy/nginx.conf'));
    expect($nginx)->toContain('include /srv/inch-timer/deploy/pools.map;')
        ->and((string) file_get_contents(base_path('tools/serve.sh')))->toContain('include $PWD/deploy/pools.map;');
    preg_match_all('/inch-\w+(?=;)/', (string) file_get_contents(base_path('deploy/pools.map')), $pools);
    foreach (array_unique($pools[0]) as $pool) {
        expect($nginx)->toContain("upstream {$pool} {");
    }
    expect($nginx)->toContain((string) json_encode(['message' => GuardContent::TOO_LARGE]))
        ->and((string) file_get_contents(base_path('deploy/static-headers.conf')))->toContain('"'.GuardContent::POLICY.'"');
});

it('backs up and tidies once a day', function (): void {
    app(Kernel::class)->all();
    $due = collect(app(Schedule::class)->events())->mapWithKeys(static fn (Event $event): array => [
        (string) preg_replace('#^.*(artisan\W+|/bin/)#', '', (string) $event->command) => $event->expression,
    ]);
    expect($due->all())->toBe(['inch:end-of-day' => '10 3 * * *', 'backup' => '30 3 * * *']);
});
