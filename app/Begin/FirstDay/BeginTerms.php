<?php

declare(strict_types=1);

namespace App\Begin\FirstDay;

use Core\Plan\Occasion;

/** What somebody who begins has said with three taps. */
final readonly class BeginTerms
{
    /**
     * @param  int  $hands  painters, each with a chair
     * @param  list<string>  $designs  names of worked designs that are painted already
     * @param  string  $timezone  of whoever asks
     */
    public function __construct(
        public Occasion $occasion,
        public int $hands,
        public array $designs,
        public string $timezone,
        public string $name,
    ) {}
}
