<?php

declare(strict_types=1);

namespace App\Models;

/** How the data stand to the release that is installed. */
enum DataState: string
{
    case Empty = 'empty';
    case Older = 'older';
    case Current = 'current';
    case Newer = 'newer';
}
