<?php

declare(strict_types=1);

namespace Core\Design\Wording;

/** What a line of a pasted list is. */
enum LineKind: string
{
    case Steps = 'steps';

    /** A title, or a heading that groups the steps below it. */
    case Heading = 'heading';

    /** The names of columns. */
    case Header = 'header';

    /** Where the whole design is painted. */
    case Placement = 'placement';

    /** Something to know that is no step: it is kept with the step it belongs to. */
    case Note = 'note';
}
