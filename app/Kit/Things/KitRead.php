<?php

declare(strict_types=1);

namespace App\Kit\Things;

use Core\Kit\Kit;
use Core\Units\Duration;

/** A team's kit, and a painter's hands. */
final readonly class KitRead
{
    /**
     * @param  array<string, array{time: Duration, repetitions: int}>  $hands  timed by a drill, by action
     * @param  array<string, string>  $painters  names by id
     */
    public function __construct(public Kit $kit, public array $hands, public array $painters) {}
}
