<?php

declare(strict_types=1);

namespace App\Bench\Ladder;

use App\Bench\Advice\OtherWayTaken;
use App\Bench\Advice\PaceShown;
use App\Http\Resources\Resource;
use Core\Design\RungName;
use Core\Ladder\Rung;

/** A rung of the ladder. */
final readonly class RungShown extends Resource
{
    /**
     * @param  int  $timeMs  in its quickest order
     * @param  float  $share  of the look of the whole design
     * @param  list<string>  $changes  what is done differently, in words
     * @param  list<string>  $leftOut  ids of steps
     * @param  list<OtherWayTaken>  $otherWays
     * @param  list<RungName>  $names
     * @param  PaceShown|null  $pace  null while nothing is logged
     */
    public function __construct(
        public int $timeMs,
        public float $share,
        public array $changes,
        public array $leftOut,
        public array $otherWays,
        public array $names,
        public ?PaceShown $pace,
        public bool $isProven,
    ) {}

    /** @param  list<RungName>  $names */
    public static function of(Rung $rung, array $names, ?PaceShown $pace): self
    {
        $version = $rung->version;

        return new self(
            timeMs: $rung->time->milliseconds,
            share: round($version->share(), 4),
            changes: $version->changes(),
            leftOut: $version->leftOut(),
            otherWays: OtherWayTaken::all($version->choice(RungName::Core)),
            names: $names,
            pace: $pace,
            isProven: $rung->isProven,
        );
    }
}
