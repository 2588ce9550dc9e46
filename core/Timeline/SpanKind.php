<?php

declare(strict_types=1);

namespace Core\Timeline;

enum SpanKind: string
{
    /** Hands on the skin. */
    case Painting = 'painting';

    /** Changing tool, colour or hand. */
    case Changeover = 'changeover';

    /** Standing still until paint is dry enough. */
    case Drying = 'drying';
}
