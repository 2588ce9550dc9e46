<?php

declare(strict_types=1);

namespace App\Kit\Things;

use App\Account\Team\RecordAudit;
use App\Bench\Designs\ReplaceInDesigns;
use App\Exceptions\ThingInUse;
use App\Models\Account\User;
use App\Models\Kit\KitItem;
use App\Models\Kit\KitRemoval;
use App\Plan\FacePlans\PlanTeamAnew;
use Core\Workspace\Replacement;
use Illuminate\Support\Facades\DB;

/** Takes a thing out of the kit, another one in its place where one was chosen. */
final readonly class RemoveThing
{
    public function __construct(
        private UsesOfThing $usesOfThing,
        private ReplaceInDesigns $replaceInDesigns,
        private RecordAudit $recordAudit,
    ) {}

    /**
     * @param  KitItem|null  $instead  takes its place in designs
     * @param  bool  $anyway  leaves designs that use it as they are
     * @return KitRemoval what it takes to put it back
     *
     * @throws ThingInUse when designs use it, nothing takes its place and nobody said to go on
     */
    public function __invoke(User $painter, KitItem $thing, ?KitItem $instead, bool $anyway): KitRemoval
    {
        $uses = ($this->usesOfThing)($thing);
        if ($uses->designs !== [] && $instead === null && ! $anyway) {
            throw ThingInUse::of($thing->name, array_column($uses->designs, 'name'));
        }

        return DB::transaction(function () use ($painter, $thing, $instead): KitRemoval {
            $steps = $instead === null
                ? []
                : ($this->replaceInDesigns)($painter->team_id, new Replacement($thing->toCore(), $instead->toCore()));
            $removal = KitRemoval::ofTeam($painter->team_id)->create([
                'team_id' => $painter->team_id,
                'item' => ['id' => $thing->id, ...KitItem::columnsOf($thing->toCore())],
                'steps' => $steps,
            ]);
            $thing->delete();
            ($this->recordAudit)($painter, "took {$thing->name} out of the kit");
            PlanTeamAnew::dispatch($painter->team_id);

            return $removal;
        });
    }
}
