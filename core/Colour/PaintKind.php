<?php

declare(strict_types=1);

namespace Core\Colour;

/** What a paint is made as. */
enum PaintKind: string
{
    case Wax = 'wax';
    case Glycerine = 'glycerine';
    case Powder = 'powder';

    /** Several colours side by side in one cake, picked up at once. */
    case Split = 'split';
}
