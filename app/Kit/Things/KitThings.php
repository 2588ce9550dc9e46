<?php

declare(strict_types=1);

namespace App\Kit\Things;

use App\Account\Team\RecordAudit;
use App\Bench\Designs\ReplaceInDesigns;
use App\Exceptions\Conflict;
use App\Models\Account\User;
use App\Models\Bench\BenchTime;
use App\Models\Bench\Design;
use App\Models\Bench\Step;
use App\Models\Kit\KitItem;
use App\Models\Kit\KitRemoval;
use App\Plan\FacePlans\PlanTeamAnew;
use Core\Kit\BenchAction;
use Core\Kit\Item;
use Core\Pace\Median;
use Core\Units\Duration;
use Core\Workspace\Replacement;
use Illuminate\Support\Facades\DB;

/** The things of a kit, as they come, change and go. */
final readonly class KitThings
{
    public function __construct(
        private ReplaceInDesigns $replaceInDesigns,
        private KitOnTable $kitOnTable,
        private RecordAudit $recordAudit,
    ) {}

    /** Puts things into the kit of a painter's team; designs are timed anew with them at hand. */
    public function add(User $painter, Item ...$items): void
    {
        DB::transaction(function () use ($painter, $items): void {
            foreach ($items as $item) {
                KitItem::ofTeam($painter->team_id)->create(['team_id' => $painter->team_id, ...KitItem::columnsOf($item)]);
            }
            PlanTeamAnew::dispatch($painter->team_id);
        });
    }

    /** Changes a thing of the kit. Designs that use it follow its new name and colours, and are timed anew. */
    public function change(User $painter, KitItem $thing, Item $item): void
    {
        DB::transaction(function () use ($painter, $thing, $item): void {
            $old = $thing->toCore();
            $thing->update(KitItem::columnsOf($item));
            ($this->replaceInDesigns)($painter->team_id, new Replacement($old, $item));
            PlanTeamAnew::dispatch($painter->team_id);
        });
    }

    /**
     * Takes a thing out of the kit, another one in its place where one was chosen.
     *
     * @param  KitItem|null  $instead  takes its place in designs
     * @param  bool  $anyway  leaves designs that use it as they are
     * @return KitRemoval what it takes to put it back
     *
     * @throws Conflict when designs use it, nothing takes its place and nobody said to go on
     */
    public function remove(User $painter, KitItem $thing, ?KitItem $instead, bool $anyway): KitRemoval
    {
        $uses = $this->kitOnTable->uses($thing);
        if ($uses->designs !== [] && $instead === null && ! $anyway) {
            throw Conflict::thingInUse($thing->name, array_column($uses->designs, 'name'));
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

    /** Takes a removal back: the thing is there again, and the steps that nobody changed since use it again. */
    public function putBack(User $painter, KitRemoval $removal): void
    {
        DB::transaction(function () use ($painter, $removal): void {
            KitItem::ofTeam($painter->team_id)->create(['team_id' => $painter->team_id, ...$removal->item]);
            foreach ($removal->steps as $change) {
                $mine = Design::ofTeam($painter->team_id)->withTrashed()->whereKey($change['designId']);
                $step = Step::query()->whereIn('design_id', $mine->select('id'))->where('id', $change['id'])->lockForUpdate()->first();
                if ($step !== null && $step->content === $change['after']) {
                    $step->update(['content' => $change['before']]);
                    Design::ofTeam($painter->team_id)->where('id', $step->design_id)->increment('revision');
                }
            }
            $removal->delete();
            PlanTeamAnew::dispatch($painter->team_id);
        });
    }

    /**
     * Keeps how long a painter's hands take for one thing, and times the team's designs with it.
     *
     * @param  list<Duration>  $repetitions  of the drill; none to go back to the starting value
     */
    public function keepHandTime(User $painter, BenchAction $action, array $repetitions): void
    {
        DB::transaction(function () use ($painter, $action, $repetitions): void {
            $key = ['user_id' => $painter->id, 'action' => $action];
            if ($repetitions === []) {
                BenchTime::query()->where($key)->delete();
            } else {
                BenchTime::query()->updateOrCreate($key, [
                    'time_ms' => Median::durations($repetitions)->milliseconds,
                    'repetitions' => count($repetitions),
                ]);
            }
            PlanTeamAnew::dispatch($painter->team_id);
        });
    }
}
