<?php

declare(strict_types=1);

// How long it takes to write all that is a team's into one file, and to bring it into another team.
// php tools/bench/account.php EMAIL   the team's owner

use App\Account\Files\AccountAsFile;
use App\Account\Files\BringInAccount;
use App\Account\SignIn\Accounts;
use App\Account\Team\Teams;
use Illuminate\Contracts\Console\Kernel;

require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$owner = app(Accounts::class)->ofAddress($argv[1]) ?? exit("Nobody signs in with {$argv[1]}.\n");
$began = microtime(true);
$path = app(AccountAsFile::class)($owner->team);
$seconds = microtime(true) - $began;
$memory = memory_get_peak_usage();

$other = app(Teams::class)->found('Anew', 'Mara', 'mara-'.bin2hex(random_bytes(4)).'@example.org', 'a long password');
$began = microtime(true);
app(BringInAccount::class)($other, $path);
echo json_encode([
    'seconds' => round($seconds, 1),
    'memory' => round($memory / 1_000_000),
    'megabytes' => round(filesize($path) / 1_000_000, 1),
    'back' => round(microtime(true) - $began, 1),
    'memoryBack' => round(memory_get_peak_usage() / 1_000_000),
], JSON_THROW_ON_ERROR), "\n";
unlink($path);
