<?php

declare(strict_types=1);

namespace Core\Line;

enum StepStatus: string
{
    case Pending = 'pending';
    case Done = 'done';
    case Skipped = 'skipped';
}
