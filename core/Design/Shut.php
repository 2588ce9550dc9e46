<?php

declare(strict_types=1);

namespace Core\Design;

use Core\Design\Place\Zone;

/** What the child keeps shut while a step is painted. */
enum Shut: string
{
    case Eyes = 'eyes';
    case Lips = 'lips';
    case Both = 'both';

    public function label(): string
    {
        return match ($this) {
            self::Eyes => 'eyes shut',
            self::Lips => 'lips shut',
            self::Both => 'eyes and lips shut',
        };
    }

    /**
     * What a child keeps shut for paint in these places.
     *
     * @param  list<Zone>  $zones
     */
    public static function usualFor(array $zones, Medium $medium): ?self
    {
        $eyes = $medium !== Medium::Bare && in_array(Zone::Eyelid, $zones, true);
        $lips = $medium->isPaintedOn() && in_array(Zone::Lips, $zones, true);

        return match (true) {
            $eyes && $lips => self::Both,
            $eyes => self::Eyes,
            $lips => self::Lips,
            default => null,
        };
    }
}
