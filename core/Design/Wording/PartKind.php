<?php

declare(strict_types=1);

namespace Core\Design\Wording;

/** What a stretch of a typed step was understood as. */
enum PartKind: string
{
    case Name = 'name';
    case Medium = 'medium';
    case Technique = 'technique';
    case Thing = 'thing';
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

    /** How the stroke is made: thin, gently, with the tip. */
    case Quality = 'quality';

    /** What is done without paint: spritz, wipe, turn the sponge. */
    case Act = 'act';

    /** Where it stands in the order: last, before the line work, while it is wet. */
    case Order = 'order';

    /** It speaks of a step above: the same again, the other side, its windows. */
    case Again = 'again';

    /** The painter's own words: they name the step. */
    case Words = 'words';

    /** Nothing of its own: a word between others. */
    case Between = 'between';

    /** Whether it belongs to the words that name a step. */
    public function names(): bool
    {
        return $this === self::Words || $this === self::Thing || $this === self::Technique;
    }
}
