<?php

declare(strict_types=1);

namespace Core\Design;

/** What a step lays on the skin, named by what lays it. */
enum Medium: string
{
    case Sponge = 'sponge';
    case Brush = 'brush';
    case Stencil = 'stencil';
    case Powder = 'powder';
    case Glitter = 'glitter';
    case Gem = 'gem';

    /** A damp bud, a wipe or nothing at all: lifting off, tidying, waiting. */
    case Bare = 'bare';

    /** Glitter and gems are set with fingers or a bud, not with a tool that holds paint. */
    public function isPaintedOn(): bool
    {
        return $this !== self::Glitter && $this !== self::Gem && $this !== self::Bare;
    }

    public function label(): string
    {
        return $this === self::Bare ? 'a bud or bare hands' : $this->value;
    }
}
