<?php

declare(strict_types=1);

namespace App\Account\SignIn;

use App\Http\Resources\Resource;

/**
 * What somebody signs in with, and where.
 *
 * DeviceShown: device: phone or computer; since: milliseconds; seenAt: milliseconds, to ten minutes; isThis: whether it is the
 *   one that asks.
 *
 * @phpstan-type DeviceShown array{id: string, device: string, since: int, seenAt: int, isThis: bool}
 */
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
