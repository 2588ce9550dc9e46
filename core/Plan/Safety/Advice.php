<?php

declare(strict_types=1);

namespace Core\Plan\Safety;

use Core\Line\Caution;

/** What an answer means for a design. */
final readonly class Advice
{
    /**
     * @param  bool  $isRefused  whether the design is not painted at all
     * @param  list<string>  $without  ids of the steps that are left out
     * @param  string  $words  what is done instead
     */
    public function __construct(public Caution $caution, public bool $isRefused, public array $without, public string $words) {}
}
