<?php

declare(strict_types=1);

// Asked first by PHP's own web server: a file of the public folder is sent as it is, everything else is the application's.
$address = is_string($_SERVER['REQUEST_URI'] ?? null) ? $_SERVER['REQUEST_URI'] : '/';
$path = rawurldecode((string) parse_url($address, PHP_URL_PATH));
if ($path !== '/' && ! str_contains($path, '..') && ! str_ends_with($path, '.php') && is_file(__DIR__.'/../public'.$path)) {
    return false;
}

require __DIR__.'/../public/index.php';
