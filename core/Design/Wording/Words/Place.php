<?php

declare(strict_types=1);

namespace Core\Design\Wording\Words;

/** Where in the order a typed line wants its step. */
enum Place: string
{
    case First = 'first';
    case Last = 'last';
    case Before = 'before';
    case After = 'after';
    case WhileWet = 'while wet';
}
