<?php

declare(strict_types=1);

namespace App\Http\Resources\Line;

use App\Http\Resources\Plan\DaySummary;
use App\Http\Resources\Plan\MenuOffer;
use App\Http\Resources\Plan\RosterShown;
use App\Http\Resources\Resource;

/** The line of a day as it stands: everything that the chair and the names desk show. */
final readonly class LineBoard extends Resource
{
    /**
     * @param  list<MenuOffer>  $menu
     * @param  list<WaitingChild>  $waiting  first in line first
     * @param  list<ChairState>  $chairs
     * @param  list<EndedChild>  $ended  the newest, newest first
     * @param  list<AskedDesign>  $designs  those on the menu, and those that children have asked for
     * @param  LineStory  $story  what all of the above is folded from, so that a browser can go on without the server
     */
    public function __construct(
        public DaySummary $day,
        public RosterShown $roster,
        public int $now,
        public bool $isOpen,
        public int $nextNumber,
        public array $menu,
        public array $waiting,
        public array $chairs,
        public array $ended,
        public int $finishedCount,
        public int $nextNameCalledAt,
        public int $clearAt,
        public int $moreFaces,
        public ?LearningShown $learning,
        public array $designs,
        public LineStory $story,
    ) {}
}
