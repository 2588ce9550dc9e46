<?php

declare(strict_types=1);

namespace Core\Design\Wording;

/** What a stretch of a typed step was understood as. */
enum PartKind: string
{
    case Name = 'name';
    case Medium = 'medium';
    case Tool = 'tool';
    case Colour = 'colour';
    case Zone = 'zone';
    case Side = 'side';
    case Coats = 'coats';
    case Time = 'time';
    case Drying = 'drying';
    case Optional = 'optional';
    case Note = 'note';

    /** Nothing was made of it: it is asked about, never dropped. */
    case Unread = 'unread';
}
