<?php

declare(strict_types=1);

// Draws docs/architecture.svg anew: php tools/draw-architecture.php

use Tools\ArchitecturePicture;

require __DIR__.'/../vendor/autoload.php';

$root = dirname(__DIR__);
file_put_contents("{$root}/docs/architecture.svg", (new ArchitecturePicture($root))->svg());
