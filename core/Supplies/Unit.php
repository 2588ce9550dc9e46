<?php

declare(strict_types=1);

namespace Core\Supplies;

/** In what something is packed. */
enum Unit: string
{
    case Grams = 'grams';
    case Pieces = 'pieces';
    case Times = 'times';
}
