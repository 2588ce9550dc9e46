<?php

declare(strict_types=1);

namespace App\Kit\Things;

use App\Http\Resources\Resource;
use Core\Kit\BenchAction;

/**
 * All that a team owns, and what the painter's hands take between steps.
 *
 * HandTime: repetitions: it rests on; 0 while it is the team's starting value.
 *
 * @phpstan-type HandTime array{action: BenchAction, timeMs: int, startingMs: int, repetitions: int}
 * @phpstan-type PainterName array{id: string, name: string}
 */
final readonly class KitSheet extends Resource
{
    /**
     * @param  list<KitThing>  $things  by name
     * @param  list<HandTime>  $hands
     * @param  list<PainterName>  $painters  whose bags there can be
     */
    public function __construct(public array $things, public array $hands, public array $painters) {}
}
