<?php

declare(strict_types=1);

namespace App\Account\SignIn;

use App\Http\Resources\Resource;

/** What somebody signs in with, and where. */
final readonly class OwnAccount extends Resource
{
    /** @param  list<DeviceShown>  $devices  the one that was seen last comes first */
    public function __construct(
        public string $email,
        public bool $hasSecondFactor,
        public int $spareCodesLeft,
        public array $devices,
    ) {}
}
