<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Models\Account\Team;
use App\Models\Account\User;

/** A team that was closed goes on as if it had not been. */
final readonly class CancelClosure
{
    public function __construct(private RecordAudit $recordAudit) {}

    public function __invoke(User $owner): void
    {
        Team::query()->whereKey($owner->team_id)->update(['ends_at' => null]);
        ($this->recordAudit)($owner, 'kept the team after all');
    }
}
