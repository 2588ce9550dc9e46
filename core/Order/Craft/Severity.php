<?php

declare(strict_types=1);

namespace Core\Order\Craft;

/** How bad it is. */
enum Severity: string
{
    /** It can hurt the child, or ruins what was painted. */
    case Stop = 'stop';

    /** It will show, or cost more than a few seconds. */
    case Warn = 'warn';

    /** It could be quicker or nicer. */
    case Tip = 'tip';
}
