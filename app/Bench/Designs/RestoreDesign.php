<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Models\Bench\Design;

/** Brings a deleted design back. */
final readonly class RestoreDesign
{
    public function __invoke(Design $design): void
    {
        $design->restore();
    }
}
