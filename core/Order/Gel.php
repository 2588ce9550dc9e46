<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Design\Alternative;
use Core\Design\Medium;
use Core\Design\Technique;
use Core\Kit\Item;
use Core\Kit\ItemKind;
use Core\Kit\Kit;
use Core\Order\Craft\Fix;

/** Glitter carried in gel, which sticks to dry paint. */
final readonly class Gel
{
    private function __construct() {}

    public static function insteadOf(DesignFacts $design, int $at): Fix
    {
        $way = new Alternative(Medium::Glitter, Technique::GlitterGel, self::of($design->circumstances->kit)->name ?? '', null);

        return Fix::changing($design->design, $at, $design->steps[$at]->painted($way), 'Use gel instead');
    }

    private static function of(Kit $kit): ?Item
    {
        $gels = array_filter($kit->ofKind(ItemKind::Glitter), static fn (Item $glitter): bool => $glitter->isGel && $glitter->isSkinSafe);

        return array_values($gels)[0] ?? null;
    }
}
