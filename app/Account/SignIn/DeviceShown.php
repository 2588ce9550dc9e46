<?php

declare(strict_types=1);

namespace App\Account\SignIn;

use App\Http\Resources\Resource;

/** A device on which somebody is signed in. */
final readonly class DeviceShown extends Resource
{
    /**
     * @param  string  $device  phone or computer
     * @param  int  $since  milliseconds
     * @param  int  $seenAt  milliseconds, to ten minutes
     * @param  bool  $isThis  whether it is the one that asks
     */
    public function __construct(
        public string $id,
        public string $device,
        public int $since,
        public int $seenAt,
        public bool $isThis,
    ) {}
}
