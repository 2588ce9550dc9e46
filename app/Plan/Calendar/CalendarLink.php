<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use App\Http\Resources\Resource;

/** A painter's private link, if there is one. */
final readonly class CalendarLink extends Resource
{
    public function __construct(public ?string $address) {}

    public static function of(?string $token): self
    {
        return new self($token === null ? null : url("calendar/{$token}.ics"));
    }
}
