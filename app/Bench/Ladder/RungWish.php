<?php

declare(strict_types=1);

namespace App\Bench\Ladder;

use App\Bench\Advice\OtherWayTaken;
use App\Http\Resources\Resource;
use Core\Design\RungChoice;
use Core\Design\RungName;

/** Which version is meant by a name: the best one within some time, or one with certain things left out. */
final readonly class RungWish extends Resource
{
    /**
     * @param  string|null  $within  as typed; null where what is left out says it
     * @param  list<string>  $leftOut  ids of steps
     * @param  list<OtherWayTaken>  $otherWays
     */
    public function __construct(public RungName $name, public ?string $within, public array $leftOut, public array $otherWays) {}

    public static function of(RungChoice $choice): self
    {
        return new self($choice->name, $choice->within?->formatExactly(), $choice->leftOut, OtherWayTaken::all($choice));
    }
}
