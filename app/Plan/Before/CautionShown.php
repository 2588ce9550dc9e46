<?php

declare(strict_types=1);

namespace App\Plan\Before;

use App\Http\Resources\Resource;
use Core\Line\Caution;
use Core\Plan\Safety\Advice;

/** What an answer before painting means for a design. */
final readonly class CautionShown extends Resource
{
    /** @param  list<string>  $without  ids of the steps that are left out */
    public function __construct(public Caution $caution, public bool $refused, public array $without, public string $words) {}

    public static function of(Advice $advice): self
    {
        return new self($advice->caution, $advice->isRefused, $advice->without, $advice->words);
    }
}
