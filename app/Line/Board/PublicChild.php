<?php

declare(strict_types=1);

namespace App\Line\Board;

use App\Http\Resources\Resource;
use Core\Line\Ahead\CallTime;
use Core\Line\Ahead\Window;
use Core\Line\TicketStatus;

/** A waiting child as parents may see it: a number, a first name at most, and about when. */
final readonly class PublicChild extends Resource
{
    public function __construct(
        public int $number,
        public ?string $firstName,
        public string $design,
        public bool $called,
        public int $callFrom,
        public int $callAbout,
        public int $callUntil,
    ) {}

    public static function of(CallTime $call, Window $window, string $design, bool $showsNames): self
    {
        return new self(
            number: $call->ticket->number,
            firstName: $showsNames ? $call->ticket->firstName : null,
            design: $design,
            called: $call->ticket->status === TicketStatus::Called,
            callFrom: $window->from->epochMilliseconds,
            callAbout: $window->about->epochMilliseconds,
            callUntil: $window->until->epochMilliseconds,
        );
    }
}
