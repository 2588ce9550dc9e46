<?php

declare(strict_types=1);

namespace App\Plan\Money;

use App\Http\Resources\Resource;
use Core\Plan\Money\Quote;
use Core\Plan\Money\QuotePart;

final readonly class QuoteLine extends Resource
{
    public function __construct(public QuotePart $part, public int $cents) {}

    /** @return list<self> */
    public static function all(Quote $quote): array
    {
        return array_map(
            static fn (string $part, int $cents): self => new self(QuotePart::from($part), $cents),
            array_keys($quote->parts),
            $quote->parts,
        );
    }
}
