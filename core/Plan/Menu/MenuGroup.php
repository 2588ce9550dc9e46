<?php

declare(strict_types=1);

namespace Core\Plan\Menu;

/** For what a design stands on a menu. */
enum MenuGroup: string
{
    /** For a line. */
    case Quick = 'quick';

    /** For time, and a child who sits. */
    case Fancy = 'fancy';

    /** For whoever does not want paint in the face. */
    case Arm = 'arm';

    /** For teenagers and grown-ups. */
    case Big = 'big';
}
