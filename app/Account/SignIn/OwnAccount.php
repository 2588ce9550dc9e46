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

    public static function of(AccountRead $read): self
    {
        return new self(
            email: $read->email,
            hasSecondFactor: $read->hasSecondFactor,
            spareCodesLeft: $read->spareCodesLeft,
            devices: array_map(static fn ($signIn): DeviceShown => new DeviceShown(
                id: $signIn->id,
                device: $signIn->device,
                since: $signIn->created_at->getTimestampMs(),
                seenAt: $signIn->seen_at->getTimestampMs(),
                isThis: $signIn->id === $read->here,
            ), $read->signIns),
        );
    }
}
