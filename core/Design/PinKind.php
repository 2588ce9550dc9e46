<?php

declare(strict_types=1);

namespace Core\Design;

/** What a painter can want of the order besides what the craft wants. */
enum PinKind: string
{
    /** The one step before the other. */
    case Before = 'before';

    /** Nothing between them. */
    case Together = 'together';

    /** Before all others. */
    case First = 'first';

    /** After all others. */
    case Last = 'last';

    /** The later step while the paint of the earlier one is still wet, to pick some of it up. */
    case WhileWet = 'while_wet';

    /** The first step only where the second is painted too: nothing of their order, all of what may be left out. */
    case Needs = 'needs';

    public function takesPair(): bool
    {
        return $this === self::Before || $this === self::WhileWet;
    }
}
