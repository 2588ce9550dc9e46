<?php

declare(strict_types=1);

namespace App\Kit\Things;

use App\Http\Resources\Resource;
use App\Plan\Days\PainterName;
use Core\Kit\BenchAction;
use Core\Kit\Item;

/** All that a team owns, and what the painter's hands take between steps. */
final readonly class KitSheet extends Resource
{
    /**
     * @param  list<KitThing>  $things  by name
     * @param  list<HandTime>  $hands
     * @param  list<PainterName>  $painters  whose bags there can be
     */
    public function __construct(public array $things, public array $hands, public array $painters) {}

    public static function of(KitRead $read): self
    {
        return new self(
            array_map(static fn (Item $item): KitThing => KitThing::of($item, $read->kit), $read->kit->items),
            array_map(
                static fn (BenchAction $action): HandTime => HandTime::of($action, $read->hands[$action->value] ?? null),
                BenchAction::cases(),
            ),
            array_map(
                static fn (string $id, string $name): PainterName => new PainterName($id, $name),
                array_keys($read->painters),
                $read->painters,
            ),
        );
    }
}
