<?php

declare(strict_types=1);

namespace App\Kit\Things;

use App\Bench\Designs\ReplaceInDesigns;
use App\Models\Account\User;
use App\Models\Kit\KitItem;
use App\Plan\FacePlans\PlanTeamAnew;
use Core\Kit\Item;
use Core\Workspace\Replacement;
use Illuminate\Support\Facades\DB;

/** Changes a thing of the kit. Designs that use it follow its new name and colours, and are timed anew. */
final readonly class ChangeThing
{
    public function __construct(
        private ReplaceInDesigns $replaceInDesigns,
    ) {}

    public function __invoke(User $painter, KitItem $thing, Item $item): void
    {
        DB::transaction(function () use ($painter, $thing, $item): void {
            $old = $thing->toCore();
            $thing->update(KitItem::columnsOf($item));
            ($this->replaceInDesigns)($painter->team_id, new Replacement($old, $item));
            PlanTeamAnew::dispatch($painter->team_id);
        });
    }
}
