<?php

declare(strict_types=1);

namespace Core\Colour;

/** How a paint looks once it is dry. */
enum Finish: string
{
    case Regular = 'regular';
    case Pearl = 'pearl';
    case Metallic = 'metallic';
    case Neon = 'neon';
}
