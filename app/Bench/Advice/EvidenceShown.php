<?php

declare(strict_types=1);

namespace App\Bench\Advice;

use App\Http\Resources\Resource;
use Core\Order\Schools\TradeNumber;

/** A number that a finding rests on. */
final readonly class EvidenceShown extends Resource
{
    /**
     * @param  string  $value  with its unit
     * @param  string  $source  where it comes from, in words
     * @param  TradeNumber|null  $number  that the painter may set to change it
     */
    public function __construct(public string $label, public string $value, public string $source, public ?TradeNumber $number) {}
}
