<?php

declare(strict_types=1);

namespace App\Account\SignIn;

use App\Models\SignIn;

/** What somebody signs in with, and where. */
final readonly class AccountRead
{
    /**
     * @param  string  $email  what they sign in with
     * @param  list<SignIn>  $signIns  the one that was seen last comes first
     * @param  string  $here  the id of the one that asks; empty where it has none
     */
    public function __construct(
        public string $email,
        public bool $hasSecondFactor,
        public int $spareCodesLeft,
        public array $signIns,
        public string $here,
    ) {}
}
