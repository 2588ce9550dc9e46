<?php

declare(strict_types=1);

namespace App\Line\Taps;

enum TapFate: string
{
    /** Kept, and it took effect. */
    case Kept = 'kept';

    /** Was here already; nothing happened twice. */
    case Repeated = 'repeated';

    /** Kept, but the line had no use for it. */
    case SetAside = 'set_aside';

    /** Makes no sense: not kept. */
    case Refused = 'refused';
}
