<?php

declare(strict_types=1);

namespace Core\Plan;

/** When the child is painted whose party it is: painters differ. */
enum BirthdayChild: string
{
    case First = 'first';
    case Last = 'last';
    case AsOthers = 'as_others';
}
