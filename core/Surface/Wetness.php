<?php

declare(strict_types=1);

namespace Core\Surface;

/** How a film feels under a fingertip. */
enum Wetness: string
{
    case Wet = 'wet';
    case Tacky = 'tacky';
    case Dry = 'dry';
}
