<?php

declare(strict_types=1);

namespace App\Kit\Things;

use App\Account\Ways\BenchOfPainter;
use App\Models\Bench\Design;
use App\Models\Bench\Step;
use App\Models\Kit\KitItem;
use Core\Kit\Item;
use Core\Workspace\Replacement;

/** Where designs use a thing of the kit, and what could take its place. */
final readonly class UsesOfThing
{
    public function __construct(private BenchOfPainter $benchOfPainter) {}

    public function __invoke(KitItem $thing): ThingUses
    {
        $item = $thing->toCore();
        $offered = array_filter(
            $this->benchOfPainter->kit($thing->team_id)->items,
            static fn (Item $other): bool => Replacement::isOffered($item, $other),
        );

        return new ThingUses(
            $this->designs($thing->team_id, $item),
            array_values(array_map(static fn (Item $other): StandIn => new StandIn($other->id, $other->name), $offered)),
        );
    }

    /** @return list<UsingDesign> */
    private function designs(string $teamId, Item $item): array
    {
        $uses = [];
        foreach (Design::ofTeam($teamId)->with('steps')->orderBy('name')->get() as $design) {
            $steps = $design->steps->filter(static fn (Step $step): bool => Replacement::isUsed($item, $step->toCore()));
            if ($steps->isNotEmpty()) {
                $names = array_values($steps->map(static fn (Step $step): string => $step->toCore()->name)->all());
                $uses[] = new UsingDesign($design->id, $design->name, $names);
            }
        }

        return $uses;
    }
}
