<?php

declare(strict_types=1);

namespace Core\Line\Internal;

use Core\Line\AfterFace;
use Core\Line\EventKind;
use Core\Line\Face;
use Core\Line\FacePlan;
use Core\Line\Line;
use Core\Line\LineEvent;
use Core\Line\Paid;
use Core\Line\Payment;
use Core\Line\Seats;
use Core\Line\TapSetAside;
use Core\Line\Ticket;
use Core\Line\TicketStatus;
use Core\Units\Duration;

/** What each kind of event does to a line. */
final readonly class Deeds
{
    /**
     * @param  float|null  $rank  where a Moved puts its child, if that is known already
     *
     * @throws TapSetAside when the line as it stands has no use for the event
     */
    public static function apply(Line $line, LineEvent $event, ?float $rank): Line
    {
        return match ($event->kind) {
            EventKind::Opened => self::doors($line, $event, true),
            EventKind::Closed => self::doors($line, $event, false),
            EventKind::SoldOut, EventKind::OnMenuAgain => self::changeOffer($line, $event),
            EventKind::Joined => self::join($line, $event),
            EventKind::Undone => self::takeBack($line, $event),
            EventKind::ChairTaken, EventKind::HandedOver, EventKind::BreakBegan, EventKind::BreakEnded => self::changeSeats($line, $event),
            default => self::changeTicket($line, $event, $rank),
        };
    }

    private static function doors(Line $line, LineEvent $event, bool $open): Line
    {
        if ($line->isOpen === $open) {
            throw TapSetAside::because($open ? 'The line is open already.' : 'The line is closed already.');
        }

        return $line->with(isOpen: $open, past: $line->past->with($event, null, null), newest: $event);
    }

    private static function changeOffer(Line $line, LineEvent $event): Line
    {
        $design = (string) $event->design;
        $isSoldOut = $event->kind === EventKind::SoldOut;
        if (isset($line->soldOut[$design]) === $isSoldOut) {
            throw TapSetAside::because($isSoldOut ? 'That design is sold out already.' : 'That design is on the menu.');
        }

        return $line->with(
            soldOut: self::soldOutWith($line->soldOut, $design, $isSoldOut),
            past: $line->past->with($event, null, null),
            newest: $event,
        );
    }

    /**
     * @param  array<string, true>  $soldOut
     * @return array<string, true>
     */
    private static function soldOutWith(array $soldOut, string $design, bool $isSoldOut): array
    {
        return $isSoldOut ? [...$soldOut, $design => true] : array_diff_key($soldOut, [$design => true]);
    }

    private static function changeSeats(Line $line, LineEvent $event): Line
    {
        $chair = (int) $event->chair;
        $seats = match ($event->kind) {
            EventKind::ChairTaken => $line->seats->taken($chair, (string) $event->painter, $event->at),
            EventKind::HandedOver => $line->seats->handedOver($chair, (string) $event->painter, $event->at),
            EventKind::BreakBegan => $line->seats->away($chair, $event->until ?? $event->at),
            default => $line->seats->back($chair),
        };

        return $line->with(seats: $seats, past: $line->past->with($event, $line->seats, $chair), newest: $event);
    }

    private static function join(Line $line, LineEvent $event): Line
    {
        if (! $line->isOpen) {
            throw TapSetAside::because('The line is closed. Open it to take another name.');
        }
        if (isset($line->tickets[(string) $event->ticket])) {
            throw TapSetAside::because('That child has a number already.');
        }

        return self::replace($line, $event, null, Ticket::join($event));
    }

    private static function changeTicket(Line $line, LineEvent $event, ?float $rank): Line
    {
        $before = $line->tickets[$event->ticket]
            ?? throw TapSetAside::because('That child is not on this line.');
        $at = $event->at;
        $after = match ($event->kind) {
            EventKind::Changed => $before->changed($event),
            EventKind::Moved => $before->moved($rank ?? self::rankBefore($line, $before, $event->before)),
            EventKind::Called => $before->called($at),
            EventKind::Seated => self::seat($line, $before, $event),
            EventKind::StepDone => $before->painted(static fn (Face $face): Face => $face->stepDone(
                (string) $event->step,
                $at,
                $line->seats->at((int) $before->chair),
            )),
            EventKind::BothDone => $before->painted(static fn (Face $face): Face => $face->bothDone(
                (string) $event->step,
                $at,
                $line->seats->at((int) $before->chair),
            )),
            EventKind::LeftForLater => $before->painted(static fn (Face $face): Face => $face->leftForLater((string) $event->step, $at)),
            EventKind::StepSkipped => $before->painted(static fn (Face $face): Face => $face->stepSkipped((string) $event->step, $at)),
            EventKind::Trimmed => $before->painted(static fn (Face $face): Face => $face->trimmedTo(self::plan($event)))
                ->asking($event->design ?? $before->design),
            EventKind::Paused => $before->painted(static fn (Face $face): Face => $face->paused($at, $event->reason)),
            EventKind::Resumed => $before->painted(static fn (Face $face): Face => $face->resumed($at)),
            EventKind::Asked => $before->painted(static fn (Face $face): Face => $face->asked($event->answers ?? [], $event->without, $at)),
            EventKind::WipedOff => $before->painted(static fn (Face $face): Face => $face->wipedOff((string) $event->step, $at)),
            EventKind::PartDone => $before->painted(static fn (Face $face): Face => self::turnedAround($face, $event)),
            EventKind::Paid => self::pay($before, $event),
            EventKind::Mended => $before->mended((string) $event->step, $event->spent ?? Duration::zero()),
            EventKind::Finished => $before->finished($at),
            EventKind::Left => $before->gone(TicketStatus::Left, $at),
            EventKind::NoShow => $before->gone(TicketStatus::NoShow, $at),
            default => $before->gone(TicketStatus::Removed, $at),
        };

        return self::replace($line, $event, $before, $after);
    }

    private static function seat(Line $line, Ticket $ticket, LineEvent $event): Ticket
    {
        $chair = (int) $event->chair;
        $sitting = $line->seatedOn($chair);
        if ($sitting !== null) {
            throw TapSetAside::because("Chair {$chair} has {$sitting->label()} in it.");
        }

        // Whatever was asked for in the line: a face is of the design it is painted by.
        return $ticket->seated($chair, Face::begin(self::plan($event), $event->at, $line->seats))
            ->asking($event->design ?? $ticket->design);
    }

    private static function turnedAround(Face $face, LineEvent $event): Face
    {
        assert($event->part instanceof AfterFace);

        return $face->partDone($event->part, $event->at);
    }

    private static function pay(Ticket $ticket, LineEvent $event): Ticket
    {
        assert($event->payment instanceof Payment);

        return $ticket->paid(new Paid((int) $event->cents, $event->payment), $event->at);
    }

    private static function plan(LineEvent $event): FacePlan
    {
        assert($event->plan instanceof FacePlan);

        return $event->plan;
    }

    /**
     * A rank between the ticket to stand in front of and the one before that; without one to stand in front of, between the last
     * one and the next number that is given out, so that whoever joins later stands behind.
     */
    private static function rankBefore(Line $line, Ticket $moving, ?string $before): float
    {
        $others = array_values(array_filter($line->queue(), static fn (Ticket $other): bool => $other->id !== $moving->id));
        if ($before === null) {
            $last = end($others);

            return $last === false ? $moving->rank : ($last->rank + $line->highestNumber() + 1) / 2;
        }
        foreach ($others as $index => $other) {
            if ($other->id === $before) {
                return (($others[$index - 1]->rank ?? $other->rank - 2) + $other->rank) / 2;
            }
        }

        throw TapSetAside::because('The child to stand in front of is no longer in the line.');
    }

    private static function takeBack(Line $line, LineEvent $undo): Line
    {
        $target = (string) $undo->target;
        [$event, $before] = $line->past->newestLike($target) ?? throw self::staleUndo($line, $target);
        $past = $line->past->without($event);
        if ($event->kind->isAboutWholeLine()) {
            return self::takeBackOfWholeLine($line, $event)->with(past: $past, newest: $undo);
        }
        if ($before instanceof Seats) {
            return $line->with(seats: $before, past: $past, newest: $undo);
        }
        $tickets = $line->tickets;
        if ($before === null) {
            unset($tickets[(string) $event->ticket]);
        } else {
            self::refuseIfChairTaken($line, $before);
            $tickets[$before->id] = $before;
        }
        $chairs = self::chairsWith($line->chairs, (string) $event->ticket, $before);

        return $line->with(tickets: $tickets, chairs: $chairs, past: $past, newest: $undo);
    }

    private static function takeBackOfWholeLine(Line $line, LineEvent $event): Line
    {
        return match ($event->kind) {
            EventKind::SoldOut => $line->with(soldOut: self::soldOutWith($line->soldOut, (string) $event->design, false)),
            EventKind::OnMenuAgain => $line->with(soldOut: self::soldOutWith($line->soldOut, (string) $event->design, true)),
            default => $line->with(isOpen: ! $line->isOpen),
        };
    }

    private static function staleUndo(Line $line, string $target): TapSetAside
    {
        return TapSetAside::because($line->past->holds($target)
            ? 'Something happened since. Undo the later tap first.'
            : 'That tap did not count or was undone before.');
    }

    private static function refuseIfChairTaken(Line $line, Ticket $restored): void
    {
        $sitting = $restored->status === TicketStatus::Seated ? $line->seatedOn((int) $restored->chair) : null;
        if ($sitting !== null && $sitting->id !== $restored->id) {
            throw TapSetAside::because("Chair {$restored->chair} has {$sitting->label()} in it by now. Undo that first.");
        }
    }

    private static function replace(Line $line, LineEvent $event, ?Ticket $before, Ticket $after): Line
    {
        $tickets = $line->tickets;
        $tickets[$after->id] = $after;

        return $line->with(
            tickets: $tickets,
            chairs: self::chairsWith($line->chairs, $after->id, $after),
            // Who mends the log is not at the chair.
            past: $line->past->with($event, $before, $event->kind === EventKind::Mended ? null : $after->chair),
            newest: $event,
        );
    }

    /**
     * @param  array<int, string>  $chairs
     * @return array<int, string>
     */
    private static function chairsWith(array $chairs, string $ticketId, ?Ticket $ticket): array
    {
        $chairs = array_filter($chairs, static fn (string $id): bool => $id !== $ticketId);
        if ($ticket?->status === TicketStatus::Seated) {
            $chairs[(int) $ticket->chair] = $ticketId;
        }

        return $chairs;
    }
}
