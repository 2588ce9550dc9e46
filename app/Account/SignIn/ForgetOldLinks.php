<?php

declare(strict_types=1);

namespace App\Account\SignIn;

use App\Models\Account\Invitation;
use App\Models\Account\PasswordLink;
use App\Models\Account\SignIn;
use App\Models\Search\Search;

/**
 * Takes away what serves no more: links whose time is over, searches of yesterday, and sign-ins of devices that nobody has opened
 * for a month.
 */
final readonly class ForgetOldLinks
{
    public function __invoke(): void
    {
        PasswordLink::query()->where('ends_at', '<', now())->delete();
        Invitation::query()->where('ends_at', '<', now())->delete();
        Search::query()->where('heard_at', '<', now()->subDay())->delete();
        SignIn::query()->where('seen_at', '<', now()->subDays(Devices::UNSEEN_DAYS))->delete();
    }
}
