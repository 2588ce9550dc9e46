<?php

declare(strict_types=1);

namespace App\Plan\Diary;

use App\Http\Resources\Resource;
use Core\Plan\Diary\Clash;
use Core\Plan\Diary\ClashKind;

/** Two bookings that do not go together. */
final readonly class ClashShown extends Resource
{
    /**
     * @param  list<string>  $painters  names of those wanted at both; empty where there are just not enough
     * @param  int  $betweenMs  from the end of the first to the beginning of the second; how long both last where they overlap
     */
    public function __construct(
        public ClashKind $kind,
        public string $firstId,
        public string $firstName,
        public string $secondId,
        public string $secondName,
        public array $painters,
        public int $betweenMs,
        public int $wayMs,
    ) {}

    /**
     * @param  array<string, string>  $names  of the bookings, by id
     * @param  array<string, string>  $painters  names by id
     */
    public static function of(Clash $clash, array $names, array $painters): self
    {
        return new self(
            kind: $clash->kind,
            firstId: $clash->first->id,
            firstName: $names[$clash->first->id] ?? '',
            secondId: $clash->second->id,
            secondName: $names[$clash->second->id] ?? '',
            painters: array_map(static fn (string $painter): string => $painters[$painter] ?? '', $clash->painters),
            betweenMs: $clash->between->milliseconds,
            wayMs: $clash->way->milliseconds,
        );
    }
}
