<?php

declare(strict_types=1);

namespace App\Line\Board;

use App\Http\Resources\Resource;
use App\Line\Offered\DesignOnDay;
use App\Line\Told\LineRead;
use Core\Line\Ahead\CallTime;
use Core\Line\Ahead\Window;
use Core\Line\TicketStatus;

/**
 * The line as everybody may see it: no surname, no note, no money, nobody of the team.
 *
 * @phpstan-type PublicSeat array{chair: int, number: int, firstName: string|null, design: string}
 * @phpstan-type PublicChild array{
 *     number: int,
 *     firstName: string|null,
 *     design: string,
 *     called: bool,
 *     callFrom: int,
 *     callAbout: int,
 *     callUntil: int,
 * }
 */
final readonly class PublicLine extends Resource
{
    /**
     * @param  list<PublicSeat>  $painting
     * @param  list<PublicChild>  $waiting  first in line first
     * @param  list<PublicOffer>  $menu
     * @param  int  $newest  number of the newest event that it knows of
     * @param  string|null  $channel  where to hear of changes at once; null where nothing is said
     */
    public function __construct(
        public string $place,
        public string $timezone,
        public int $now,
        public int $closesAt,
        public bool $isOpen,
        public bool $takesNames,
        public int $nextNameCalledAt,
        public array $painting,
        public array $waiting,
        public array $menu,
        public int $newest,
        public ?string $channel,
    ) {}

    public static function of(LineRead $read, bool $showsNames): self
    {
        $line = $read->story->line;
        $windows = $read->windows();
        $painting = [];
        foreach (range(1, $read->chairs()) as $chair) {
            $ticket = $line->seatedOn($chair);
            if ($ticket !== null) {
                $design = $read->designs[$ticket->design]->name;
                $painting[] = [
                    'chair' => $chair,
                    'number' => $ticket->number,
                    'firstName' => $showsNames ? $ticket->firstName : null,
                    'design' => $design,
                ];
            }
        }
        $menu = array_filter($read->designs, static fn (DesignOnDay $design): bool => $design->offer !== null);

        return new self(
            place: $read->day->place === '' ? $read->day->name : $read->day->place,
            timezone: $read->day->timezone,
            now: $read->now->epochMilliseconds,
            closesAt: $read->day->closes->epochMilliseconds,
            isOpen: $line->isOpen,
            takesNames: $line->isOpen && $read->moreFaces() > 0,
            nextNameCalledAt: $read->forecast->nextNameCalledAt()->epochMilliseconds,
            painting: $painting,
            waiting: array_map(static fn (CallTime $call): array => self::child(
                $call,
                $windows[$call->ticket->id],
                $read->designs[$call->ticket->design]->name,
                $showsNames,
            ), $read->forecast->calls),
            menu: array_values(array_map(
                static fn (DesignOnDay $design): PublicOffer => PublicOffer::of($design, isset($line->soldOut[$design->id])),
                $menu,
            )),
            newest: $read->version->newest ?? 0,
            channel: $read->channel,
        );
    }

    /** @return PublicChild a waiting child as parents may see it: a number, a first name at most, and about when */
    private static function child(CallTime $call, Window $window, string $design, bool $showsNames): array
    {
        return [
            'number' => $call->ticket->number,
            'firstName' => $showsNames ? $call->ticket->firstName : null,
            'design' => $design,
            'called' => $call->ticket->status === TicketStatus::Called,
            'callFrom' => $window->from->epochMilliseconds,
            'callAbout' => $window->about->epochMilliseconds,
            'callUntil' => $window->until->epochMilliseconds,
        ];
    }
}
