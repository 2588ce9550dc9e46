<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Models\Design;

/** Takes a design off the shelf; it can be restored, and faces painted with it keep their plans. */
final readonly class DeleteDesign
{
    public function __invoke(Design $design): void
    {
        $design->delete();
    }
}
