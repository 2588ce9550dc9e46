<?php

declare(strict_types=1);

// Writes composer.held anew, after composer.json has changed: php tools/hold-packages.php

use Tools\HeldPackages;

require __DIR__.'/../vendor/autoload.php';

$root = dirname(__DIR__);
file_put_contents("{$root}/composer.held", implode("\n", HeldPackages::installed($root))."\n");
