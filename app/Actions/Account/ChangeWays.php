<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Models\PainterWays;
use App\Models\User;

/** Keeps how a painter works, and in what air. */
final readonly class ChangeWays
{
    /** @param  array<string, mixed>  $values  of PainterWays */
    public function __invoke(User $painter, array $values): void
    {
        PainterWays::query()->updateOrCreate(['user_id' => $painter->id], $values);
    }
}
