<?php

declare(strict_types=1);

namespace Core\Design\Photo;

/** What a painter’s own photo of a design shows it on. */
enum PhotoOf: string
{
    case Board = 'board';
    case Arm = 'arm';

    /** Somebody’s, and mostly a child’s: it is kept with a yes. */
    case Face = 'face';
}
