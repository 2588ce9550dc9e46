<?php

declare(strict_types=1);

namespace Core\Timeline;

/** What a painter's typed seconds hold. */
enum Timing: string
{
    /** From the end of one step to the end of the next: taking up and loading the tool is in them. */
    case HandToHand = 'hand_to_hand';

    /** The time on the skin alone. */
    case StrokesAlone = 'strokes_alone';

    public function label(): string
    {
        return match ($this) {
            self::HandToHand => 'from hand to hand, the tool change in it',
            self::StrokesAlone => 'the strokes alone, tool changes on top',
        };
    }
}
