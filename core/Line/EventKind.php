<?php

declare(strict_types=1);

namespace Core\Line;

/** What can happen in a line and in its chairs. */
enum EventKind: string
{
    case Opened = 'opened';
    case Closed = 'closed';
    case Joined = 'joined';
    case Changed = 'changed';
    case Moved = 'moved';
    case Called = 'called';
    case Seated = 'seated';
    case StepDone = 'step_done';
    case StepSkipped = 'step_skipped';
    case Trimmed = 'trimmed';
    case Paused = 'paused';
    case Resumed = 'resumed';
    case Finished = 'finished';
    case Left = 'left';
    case NoShow = 'no_show';
    case Removed = 'removed';
    case Undone = 'undone';
    case ChairTaken = 'chair_taken';
    case HandedOver = 'handed_over';
    case BreakBegan = 'break_began';
    case BreakEnded = 'break_ended';
    case Asked = 'asked';
    case WipedOff = 'wiped_off';
    case PartDone = 'part_done';
    case Paid = 'paid';
    case Mended = 'mended';
    case SoldOut = 'sold_out';
    case OnMenuAgain = 'on_menu_again';
    case BothDone = 'both_done';
    case LeftForLater = 'left_for_later';

    /**
     * The fields of LineEvent that this kind cannot do without.
     *
     * @return list<
     *     'ticket'|'number'|'design'|'chair'|'plan'|'step'|'target'|'painter'|'until'|'answers'|'part'|'cents'|'payment'|'spent'
     * >
     */
    public function needs(): array
    {
        return match ($this) {
            self::Opened, self::Closed => [],
            self::Joined => ['ticket', 'number', 'design'],
            self::Changed => ['ticket', 'design'],
            self::Seated => ['ticket', 'chair', 'plan'],
            self::Trimmed => ['ticket', 'plan'],
            self::StepDone, self::StepSkipped, self::WipedOff, self::BothDone, self::LeftForLater => ['ticket', 'step'],
            self::Asked => ['ticket', 'answers'],
            self::PartDone => ['ticket', 'part'],
            self::Paid => ['ticket', 'cents', 'payment'],
            self::Mended => ['ticket', 'step', 'spent'],
            self::SoldOut, self::OnMenuAgain => ['design'],
            self::Undone => ['target'],
            self::ChairTaken, self::HandedOver => ['chair', 'painter'],
            self::BreakBegan => ['chair', 'until'],
            self::BreakEnded => ['chair'],
            default => ['ticket'],
        };
    }

    /** What can be done at the names desk, by whoever stands there. */
    public function isOfNamesDesk(): bool
    {
        return in_array(
            $this,
            [
                self::Joined, self::Changed, self::Moved, self::Called, self::Left, self::NoShow, self::Removed, self::Undone,
                self::SoldOut, self::OnMenuAgain,
            ],
            true,
        );
    }

    /** Who sits at which chair. */
    public function isOfRoster(): bool
    {
        return in_array($this, [self::ChairTaken, self::HandedOver, self::BreakBegan, self::BreakEnded], true);
    }

    public function isAboutWholeLine(): bool
    {
        return in_array($this, [self::Opened, self::Closed, self::SoldOut, self::OnMenuAgain], true);
    }
}
