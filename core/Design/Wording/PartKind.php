<?php

declare(strict_types=1);

namespace Core\Design\Wording;

/** What a stretch of a typed step was understood as. */
enum PartKind: string
{
    case Name = 'name';
    case Medium = 'medium';
    case Technique = 'technique';
    case Tool = 'tool';
    case Colour = 'colour';
    case Zone = 'zone';
    case Side = 'side';
    case Guide = 'guide';
    case Shape = 'shape';
    case Size = 'size';
    case Turn = 'turn';
    case Coats = 'coats';
    case Load = 'load';
    case Count = 'count';
    case SmallCount = 'small_count';
    case Time = 'time';
    case Drying = 'drying';
    case Shut = 'shut';
    case Optional = 'optional';
    case Look = 'look';
    case Group = 'group';
    case Alternative = 'alternative';
    case Stop = 'stop';
    case Note = 'note';

    /** Nothing was made of it: it is asked about, never dropped. */
    case Unread = 'unread';
}
