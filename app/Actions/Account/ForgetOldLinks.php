<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Models\Invitation;
use App\Models\PasswordLink;
use App\Models\Search;
use App\Models\SignIn;

/**
 * Takes away what serves no more: links whose time is over, searches of yesterday, and sign-ins of devices that nobody has opened
 * for a year.
 */
final readonly class ForgetOldLinks
{
    private const UNSEEN_DAYS = 400;

    public function __invoke(): void
    {
        PasswordLink::query()->where('ends_at', '<', now())->delete();
        Invitation::query()->where('ends_at', '<', now())->delete();
        Search::query()->where('heard_at', '<', now()->subDay())->delete();
        SignIn::query()->where('seen_at', '<', now()->subDays(self::UNSEEN_DAYS))->delete();
    }
}
