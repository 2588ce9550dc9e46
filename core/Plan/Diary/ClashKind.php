<?php

declare(strict_types=1);

namespace Core\Plan\Diary;

enum ClashKind: string
{
    /** Both take the same painters at once. */
    case Overlap = 'overlap';
    /** One after the other, with less time between them than the way takes. */
    case ShortWay = 'short_way';
}
