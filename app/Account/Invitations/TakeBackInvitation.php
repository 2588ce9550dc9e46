<?php

declare(strict_types=1);

namespace App\Account\Invitations;

use App\Account\Team\RecordAudit;
use App\Models\Account\Invitation;
use App\Models\Account\User;

/** Ends a link before anybody has taken it. */
final readonly class TakeBackInvitation
{
    public function __construct(private RecordAudit $recordAudit) {}

    public function __invoke(User $owner, Invitation $invitation): void
    {
        $invitation->delete();
        ($this->recordAudit)($owner, 'took back an invitation');
    }
}
