<?php

declare(strict_types=1);

namespace App\Plan\Before;

use App\Http\Resources\Resource;
use Core\Surface\Weather;

/** Air: degrees Celsius, relative humidity in percent, wind in metres a second. */
final readonly class AirShown extends Resource
{
    public function __construct(public float $celsius, public float $humidity, public float $wind) {}

    public static function of(Weather $weather): self
    {
        return new self($weather->celsius, $weather->humidity, $weather->wind);
    }
}
