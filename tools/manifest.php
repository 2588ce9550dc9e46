<?php

declare(strict_types=1);

// Writes down what the installed packages are, right after Composer has put them there: inch:doctor tells what was changed since.

use App\Operations\Health\InstalledFiles;

require __DIR__.'/../vendor/autoload.php';

$folder = dirname(__DIR__).'/vendor';
file_put_contents("{$folder}/".InstalledFiles::MANIFEST, json_encode(InstalledFiles::sums($folder), JSON_THROW_ON_ERROR));
