<?php

declare(strict_types=1);

namespace Core\Design;

/** What painters call the versions of a design that they keep in mind. */
enum RungName: string
{
    /** What must be there: for a long line. */
    case Core = 'core';

    case Quick = 'quick';

    /** With everything: for a party with time. */
    case Party = 'party';
}
