<?php

declare(strict_types=1);

namespace Core\Workspace;

use Core\Design\Colour;
use Core\Design\Step;
use Core\Kit\Item;
use Core\Kit\ItemKind;

/** One thing of the kit in the place of another, wherever designs use it: after a new name, a new colour or a loss. */
final readonly class Replacement
{
    public function __construct(public Item $old, public Item $new) {}

    /** What can stand in for a thing: the same kind, and for paints as many colours. */
    public static function isOffered(Item $for, Item $item): bool
    {
        return $item->id !== $for->id
            && $item->howMany > 0
            && $item->kind === $for->kind
            && $item->isSplitCake() === $for->isSplitCake()
            && (! $item->isSplitCake() || count($item->colours) === count($for->colours));
    }

    public static function isUsed(Item $item, Step $step): bool
    {
        return match (true) {
            $item->kind !== ItemKind::Paint => $step->usesTool($item->name),
            ! $step->medium->isPaintedOn() => false,
            $item->isSplitCake() => $item->isCakeOf($step->colours),
            default => array_filter($step->colours, static fn (Colour $colour): bool => $item->isPaintOf($colour)) !== [],
        };
    }

    /** A step that does not use the old thing comes back as it is. */
    public function in(Step $step): Step
    {
        return match (true) {
            ! self::isUsed($this->old, $step) => $step,
            $this->old->kind !== ItemKind::Paint => $step->withToolCalled($this->old->name, $this->new->name),
            $this->old->isSplitCake() => $step->withColours($this->sameWayRound($step)),
            default => $step->withColours(array_map(
                fn (Colour $colour): Colour => $this->old->isPaintOf($colour) ? $this->new->colours[0] : $colour,
                $step->colours,
            )),
        };
    }

    /** @return list<Colour> of the new cake, the other way round where the old one was held so */
    private function sameWayRound(Step $step): array
    {
        $isTurned = ! $step->colours[0]->equals($this->old->colours[0]);

        return $isTurned ? array_reverse($this->new->colours) : $this->new->colours;
    }
}
