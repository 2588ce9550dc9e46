<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Account\Team\RecordAudit;
use App\Models\Account\User;
use App\Models\Bench\Design;

/** Takes a design off the shelf; it can be restored, and faces painted with it keep their plans. */
final readonly class DeleteDesign
{
    public function __construct(private RecordAudit $recordAudit) {}

    public function __invoke(User $by, Design $design): void
    {
        $design->delete();
        ($this->recordAudit)($by, "deleted the design {$design->name}");
    }
}
