<?php

declare(strict_types=1);

namespace Core\Kit;

/** What a painter should know of a thing before it is used. */
enum Flag: string
{
    case UnsafeForSkin = 'unsafe_for_skin';
    case ContainsLatex = 'contains_latex';
    case RunningOut = 'running_out';
    case LongerThanSponges = 'longer_than_sponges';
}
