<?php

declare(strict_types=1);

namespace Tools;

use Composer\InstalledVersions;

/**
 * The versions of packages that composer.json does not name itself, which come along with those that it names: composer.held says them, so
 * that every machine gets the same. A lock file would say them too, but with the addresses of the registry that was at hand.
 */
final readonly class HeldPackages
{
    private function __construct() {}

    /** @return list<string> name:version of each that is installed */
    public static function installed(string $root): array
    {
        /** @var array{require: array<string, string>, require-dev: array<string, string>} $wanted */
        $wanted = json_decode((string) file_get_contents("{$root}/composer.json"), true, flags: JSON_THROW_ON_ERROR);
        $named = [...$wanted['require'], ...$wanted['require-dev'], InstalledVersions::getRootPackage()['name'] => ''];
        $held = [];
        foreach (InstalledVersions::getInstalledPackages() as $name) {
            // Without a version it is only replaced or provided by another one.
            $version = isset($named[$name]) ? null : InstalledVersions::getPrettyVersion($name);
            if ($version !== null && InstalledVersions::getInstallPath($name) !== null) {
                $held[] = $name.':'.ltrim($version, 'v');
            }
        }
        sort($held);

        return $held;
    }
}
