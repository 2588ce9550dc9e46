<?php

declare(strict_types=1);

namespace Core\Surface;

/** What it rests on how fast paint dries today. */
enum DryingBasis: string
{
    case Reference = 'reference';
    case Weather = 'weather';
    case TouchTest = 'touch_test';

    /** How soon painters went on over wet paint, and nothing had to be mended. */
    case Work = 'work';

    /** Nothing to say of the reference. */
    public function words(): string
    {
        return match ($this) {
            self::Reference => '',
            self::Weather => 'in the weather you typed',
            self::TouchTest => 'from your touch test',
            self::Work => 'and from how soon you went on without a repair',
        };
    }
}
