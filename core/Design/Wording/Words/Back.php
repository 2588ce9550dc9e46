<?php

declare(strict_types=1);

namespace Core\Design\Wording\Words;

/** How a line speaks of the steps above it. */
enum Back: string
{
    /** The same step once more. */
    case Same = 'same';

    /** Once more, on the side where it is not yet. */
    case OtherSide = 'other side';

    /** All that is above, on the side where it is not yet. */
    case AllOfIt = 'all of it';

    /** What was painted last: its windows, under it, between them. */
    case It = 'it';

    /** With the brush or sponge of before. */
    case SameTool = 'same tool';

    /** In the colour of before. */
    case SameColour = 'same colour';
}
