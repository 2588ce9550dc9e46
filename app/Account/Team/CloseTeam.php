<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Account\SignIn\ConfirmPassword;
use App\Models\Account\Team;
use App\Models\Account\User;
use Core\Team\Defaults;
use Illuminate\Validation\ValidationException;

/** Closes a team: it is deleted with all that is its own, but not before it could be thought over. */
final readonly class CloseTeam
{
    public function __construct(private ConfirmPassword $confirmPassword, private RecordAudit $recordAudit) {}

    /** @throws ValidationException when the password is not the one */
    public function __invoke(User $owner, string $password): void
    {
        ($this->confirmPassword)($owner, $password);
        Team::query()->whereKey($owner->team_id)->update(['ends_at' => now()->addDays(Defaults::CLOSING_DAYS)]);
        ($this->recordAudit)($owner, 'closed the team');
    }
}
