<?php

declare(strict_types=1);

namespace App\Plan\Days;

use App\Models\Bench\Design;
use App\Models\Menu\MenuItem;
use App\Models\Plan\EventDay;
use App\Plan\FacePlans\DesignPlans;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Writes the menu of a day anew. Children already in the line keep the design they asked for. */
final readonly class SaveMenu
{
    public function __construct(private DesignPlans $designPlans) {}

    /**
     * @param  list<MenuTerms>  $terms  in the order they are shown
     *
     * @throws ValidationException when a design is not one of the team's, or has nothing to paint
     */
    public function __invoke(EventDay $day, array $terms): void
    {
        $ids = array_column($terms, 'designId');
        /** @var array<string, string|null> $plans */
        $plans = Design::ofTeam($day->team_id)->whereIn('id', $ids)->pluck('plan_id', 'id')->all();
        foreach ($terms as $index => $item) {
            if (! isset($plans[$item->designId])) {
                throw ValidationException::withMessages(["items.{$index}.designId" => array_key_exists($item->designId, $plans)
                    ? 'That design has no steps yet. Give it some on the bench before it goes on the menu.'
                    : 'That design is not one of yours, or was deleted.']);
            }
        }
        DB::transaction(function () use ($day, $terms): void {
            MenuItem::query()->where('event_day_id', $day->id)->delete();
            foreach ($terms as $position => $item) {
                MenuItem::query()->create([
                    'event_day_id' => $day->id,
                    'design_id' => $item->designId,
                    'position' => $position,
                    'promise_ms' => $item->promise->milliseconds,
                    'price_cents' => $item->priceCents,
                    'rung' => $item->rung,
                ]);
            }
        });
        $this->designPlans->rank($day->team_id, $ids);
        $day->unsetRelation('menuItems');
    }
}
