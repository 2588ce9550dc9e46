<?php

declare(strict_types=1);

namespace Core\Kit;

/** What the hands do between two steps, and a drill can time. */
enum BenchAction: string
{
    case PickUp = 'pick_up';
    case Load = 'load';
    case Rinse = 'rinse';
    case Turn = 'turn';
    case PlaceStencil = 'place_stencil';
    case Pouch = 'pouch';
    case HandWipe = 'hand_wipe';

    public function startingSeconds(): float
    {
        return match ($this) {
            self::PickUp => Defaults::PICK_UP_SECONDS,
            self::Load => Defaults::LOAD_SECONDS,
            self::Rinse => Defaults::RINSE_SECONDS,
            self::Turn => Defaults::TURN_SECONDS,
            self::PlaceStencil => Defaults::PLACE_STENCIL_SECONDS,
            self::Pouch => Defaults::POUCH_SECONDS,
            self::HandWipe => Defaults::HAND_WIPE_SECONDS,
        };
    }
}
