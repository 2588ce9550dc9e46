<?php

declare(strict_types=1);

namespace App\Line\Told;

use App\Http\Resources\Resource;
use App\Plan\Days\DaySummary;
use App\Plan\Days\MenuOffer;
use App\Plan\Days\RosterShown;
use Core\Line\Ahead\CallTime;
use Core\Line\Defaults;
use Core\Line\Ticket;

/**
 * The line of a day as it stands: everything that the chair and the names desk show.
 *
 * @phpstan-type LearningShown array{done: int, total: int}
 */
final readonly class LineBoard extends Resource
{
    /**
     * @param  list<MenuOffer>  $menu
     * @param  list<WaitingChild>  $waiting  first in line first
     * @param  list<ChairState>  $chairs
     * @param  list<EndedChild>  $ended  the newest, newest first
     * @param  list<string>  $soldOut  designs of the menu that are not offered for now
     * @param  list<AskedDesign>  $designs  those on the menu, and those that children have asked for
     * @param  LineStory  $story  what all of the above is folded from, so that a browser can go on without the server
     * @param  int  $notThere  thousandths of the children who are not there when they are called, by the last days
     * @param  LearningShown|null  $learning
     * @param  string  $version  from which news can be asked for
     * @param  string|null  $channel  where to hear of changes at once; null where nothing is said
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
        public array $soldOut,
        public ?array $learning,
        public array $designs,
        public int $notThere,
        public LineStory $story,
        public string $version,
        public ?string $channel,
    ) {}

    public static function of(LineRead $read): self
    {
        $line = $read->story->line;
        $menu = MenuOffer::listOf(...array_values($read->designs));

        return new self(
            day: DaySummary::of($read->day),
            roster: RosterShown::of($read->roster),
            now: $read->now->epochMilliseconds,
            isOpen: $line->isOpen,
            nextNumber: $read->nextNumber(),
            menu: $menu,
            waiting: array_map(static fn (CallTime $call): WaitingChild => WaitingChild::of($call, $read), $read->forecast->calls),
            chairs: array_map(
                static fn (int $chair): ChairState => ChairState::of($chair, $read, array_column($menu, 'promiseMs', 'designId')),
                range(1, $read->chairs()),
            ),
            ended: array_map(
                static fn (Ticket $ticket): EndedChild => EndedChild::of($ticket, $read),
                array_slice($line->ended(), 0, Defaults::ENDED_SHOWN),
            ),
            finishedCount: $line->finishedCount(),
            nextNameCalledAt: $read->forecast->nextNameCalledAt()->epochMilliseconds,
            clearAt: $read->forecast->clearAt()->epochMilliseconds,
            moreFaces: $read->moreFaces(),
            soldOut: array_map(strval(...), array_keys($line->soldOut)),
            learning: $read->learning === null ? null : ['done' => $read->learning[0], 'total' => $read->learning[1]],
            designs: array_values(array_map(AskedDesign::of(...), $read->designs)),
            notThere: $read->outlook->notThere,
            story: LineStory::of($read->story, $read->showsMoney),
            version: (string) $read->version,
            channel: $read->channel,
        );
    }
}
