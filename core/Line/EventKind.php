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

    /**
     * The fields of LineEvent that this kind cannot do without.
     *
     * @return list<'ticket'|'number'|'design'|'chair'|'plan'|'step'|'target'|'painter'|'until'>
     */
    public function needs(): array
    {
        return match ($this) {
            self::Opened, self::Closed => [],
            self::Joined => ['ticket', 'number', 'design'],
            self::Changed => ['ticket', 'design'],
            self::Seated => ['ticket', 'chair', 'plan'],
            self::Trimmed => ['ticket', 'plan'],
            self::StepDone, self::StepSkipped => ['ticket', 'step'],
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
            [self::Joined, self::Changed, self::Moved, self::Called, self::Left, self::NoShow, self::Removed, self::Undone],
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
        return $this === self::Opened || $this === self::Closed;
    }
}
