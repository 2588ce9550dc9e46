<?php

declare(strict_types=1);

namespace App\Bench\Ladder;

use App\Bench\Advice\OtherWayTaken;
use App\Http\Resources\Resource;
use Core\Design\RungName;
use Core\Ladder\Drop;

/** One thing that may go next, and what that gains and costs. */
final readonly class DropShown extends Resource
{
    /**
     * @param  float  $lostPercent  of the look of the whole design
     * @param  list<string>  $leftOut  ids of the steps that are then left out
     * @param  list<OtherWayTaken>  $otherWays
     */
    public function __construct(
        public string $words,
        public int $savedMs,
        public float $lostPercent,
        public float $percentPerSecond,
        public array $leftOut,
        public array $otherWays,
    ) {}

    /** @param  float  $whole  look of the whole design */
    public static function of(Drop $drop, float $whole): self
    {
        $percent = $whole === 0.0 ? 0.0 : 100 * $drop->lost / $whole;

        return new self(
            words: $drop->words,
            savedMs: $drop->saved->milliseconds,
            lostPercent: round($percent, 1),
            percentPerSecond: round($percent / $drop->saved->seconds(), 2),
            leftOut: $drop->left->version->leftOut(),
            otherWays: OtherWayTaken::all($drop->left->version->choice(RungName::Core)),
        );
    }
}
