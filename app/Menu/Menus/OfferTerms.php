<?php

declare(strict_types=1);

namespace App\Menu\Menus;

use Core\Design\RungName;
use Core\Plan\Menu\MenuGroup;

/** A design that is to stand on a menu. */
final readonly class OfferTerms
{
    /**
     * @param  int|null  $promiseMs  null for what eight of ten faces keep
     * @param  int|null  $priceCents  in the smallest unit of the currency
     */
    public function __construct(
        public string $designId,
        public ?RungName $rung,
        public ?int $promiseMs,
        public ?int $priceCents,
        public ?MenuGroup $group,
    ) {}
}
