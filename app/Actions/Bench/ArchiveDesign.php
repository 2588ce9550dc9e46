<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Models\Design;

/** Puts a design out of the way, or back; what it was painted with stays. */
final readonly class ArchiveDesign
{
    public function __invoke(Design $design, bool $archived): void
    {
        $design->update(['archived_at' => $archived ? now() : null]);
    }
}
