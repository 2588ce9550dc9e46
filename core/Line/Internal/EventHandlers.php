<?php

declare(strict_types=1);

namespace Core\Line\Internal;

use Core\Line\Ahead\AfterFace;
use Core\Line\EventKind;
use Core\Line\Face;
use Core\Line\FacePlan;
use Core\Line\LineEvent;
use Core\Line\Paid;
use Core\Line\Payment;
use Core\Line\Seating\Seats;
use Core\Line\TapSetAside;
use Core\Line\Ticket;
use Core\Line\TicketStatus;
use Core\Units\Duration;

/** What each kind of event does to a line. */
final readonly class EventHandlers
{
    /**
     * @param  float|null  $rank  where a Moved puts its child, if that is known already
     *
     * @throws TapSetAside when the line as it stands has no use for the event
     */
    public static function apply(Folding $line, LineEvent $event, ?float $rank): void
    {
        match ($event->kind) {
            EventKind::Opened => self::doors($line, $event, true),
            EventKind::Closed => self::doors($line, $event, false),
            EventKind::SoldOut, EventKind::OnMenuAgain => self::changeOffer($line, $event),
            EventKind::Joined => self::join($line, $event),
            EventKind::Undone => self::takeBack($line, $event),
            EventKind::ChairTaken, EventKind::HandedOver, EventKind::BreakBegan, EventKind::BreakEnded => self::changeSeats($line, $event),
            default => self::changeTicket($line, $event, $rank),
        };
    }

    private static function doors(Folding $line, LineEvent $event, bool $open): void
    {
        if ($line->isOpen === $open) {
            throw TapSetAside::because($open ? 'The line is open already.' : 'The line is closed already.');
        }
        $line->isOpen = $open;
        $line->past->add($event, null, null);
    }

    private static function changeOffer(Folding $line, LineEvent $event): void
    {
        $design = (string) $event->design;
        $isSoldOut = $event->kind === EventKind::SoldOut;
        if (isset($line->soldOut[$design]) === $isSoldOut) {
            throw TapSetAside::because($isSoldOut ? 'That design is sold out already.' : 'That design is on the menu.');
        }
        self::setOffer($line, $design, $isSoldOut);
        $line->past->add($event, null, null);
    }

    private static function setOffer(Folding $line, string $design, bool $isSoldOut): void
    {
        unset($line->soldOut[$design]);
        if ($isSoldOut) {
            $line->soldOut[$design] = true;
        }
    }

    private static function changeSeats(Folding $line, LineEvent $event): void
    {
        $chair = (int) $event->chair;
        $before = $line->seats;
        $line->seats = match ($event->kind) {
            EventKind::ChairTaken => $before->taken($chair, (string) $event->painter, $event->at),
            EventKind::HandedOver => $before->handedOver($chair, (string) $event->painter, $event->at),
            EventKind::BreakBegan => $before->away($chair, $event->until ?? $event->at),
            default => $before->back($chair),
        };
        $line->past->add($event, $before, $chair);
    }

    private static function join(Folding $line, LineEvent $event): void
    {
        if (! $line->isOpen) {
            throw TapSetAside::because('The line is closed. Open it to take another name.');
        }
        if (isset($line->tickets[(string) $event->ticket])) {
            throw TapSetAside::because('That child has a number already.');
        }
        self::replace($line, $event, null, Ticket::join($event));
    }

    private static function changeTicket(Folding $line, LineEvent $event, ?float $rank): void
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

        self::replace($line, $event, $before, $after);
    }

    private static function seat(Folding $line, Ticket $ticket, LineEvent $event): Ticket
    {
        $chair = (int) $event->chair;
        $sitting = $line->line()->seatedOn($chair);
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
    private static function rankBefore(Folding $line, Ticket $moving, ?string $before): float
    {
        $others = array_values(array_filter($line->line()->queue(), static fn (Ticket $other): bool => $other->id !== $moving->id));
        if ($before === null) {
            $last = end($others);

            return $last === false ? $moving->rank : ($last->rank + $line->line()->highestNumber() + 1) / 2;
        }
        foreach ($others as $index => $other) {
            if ($other->id === $before) {
                return (($others[$index - 1]->rank ?? $other->rank - 2) + $other->rank) / 2;
            }
        }

        throw TapSetAside::because('The child to stand in front of is no longer in the line.');
    }

    private static function takeBack(Folding $line, LineEvent $undo): void
    {
        $target = (string) $undo->target;
        [$event, $before] = $line->past->newestLike($target) ?? throw self::staleUndo($line, $target);
        if ($event->kind->isAboutWholeLine()) {
            self::takeBackOfWholeLine($line, $event);
        } elseif ($before instanceof Seats) {
            $line->seats = $before;
        } elseif ($before === null) {
            unset($line->tickets[(string) $event->ticket]);
            self::setChair($line, (string) $event->ticket, null);
        } else {
            self::refuseIfChairTaken($line, $before);
            $line->tickets[$before->id] = $before;
            self::setChair($line, $before->id, $before);
        }
        $line->past->drop($event);
    }

    private static function takeBackOfWholeLine(Folding $line, LineEvent $event): void
    {
        match ($event->kind) {
            EventKind::SoldOut, EventKind::OnMenuAgain => self::setOffer(
                $line,
                (string) $event->design,
                $event->kind === EventKind::OnMenuAgain,
            ),
            default => $line->isOpen = ! $line->isOpen,
        };
    }

    private static function staleUndo(Folding $line, string $target): TapSetAside
    {
        return TapSetAside::because($line->past->holds($target)
            ? 'Something happened since. Undo the later tap first.'
            : 'That tap did not count or was undone before.');
    }

    private static function refuseIfChairTaken(Folding $line, Ticket $restored): void
    {
        $sitting = $restored->status === TicketStatus::Seated ? $line->line()->seatedOn((int) $restored->chair) : null;
        if ($sitting !== null && $sitting->id !== $restored->id) {
            throw TapSetAside::because("Chair {$restored->chair} has {$sitting->label()} in it by now. Undo that first.");
        }
    }

    private static function replace(Folding $line, LineEvent $event, ?Ticket $before, Ticket $after): void
    {
        $line->tickets[$after->id] = $after;
        self::setChair($line, $after->id, $after);
        // Who mends the log is not at the chair.
        $line->past->add($event, $before, $event->kind === EventKind::Mended ? null : $after->chair);
    }

    private static function setChair(Folding $line, string $ticketId, ?Ticket $ticket): void
    {
        $line->chairs = array_diff($line->chairs, [$ticketId]);
        if ($ticket?->status === TicketStatus::Seated) {
            $line->chairs[(int) $ticket->chair] = $ticketId;
        }
    }
}
