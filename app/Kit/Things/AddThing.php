<?php

declare(strict_types=1);

namespace App\Kit\Things;

use App\Models\Account\User;
use App\Models\Kit\KitItem;
use App\Plan\FacePlans\PlanTeamAnew;
use Core\Kit\Item;
use Illuminate\Support\Facades\DB;

/** Puts things into the kit of a painter's team; designs are timed anew with them at hand. */
final readonly class AddThing
{
    public function __invoke(User $painter, Item ...$items): void
    {
        DB::transaction(function () use ($painter, $items): void {
            foreach ($items as $item) {
                KitItem::ofTeam($painter->team_id)->create(['team_id' => $painter->team_id, ...KitItem::columnsOf($item)]);
            }
            PlanTeamAnew::dispatch($painter->team_id);
        });
    }
}
