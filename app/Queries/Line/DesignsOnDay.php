<?php

declare(strict_types=1);

namespace App\Queries\Line;

use App\Models\Design;
use App\Models\EventDay;
use App\Models\PainterPlan;
use Core\Design\Placement;
use Core\Design\RungName;
use Core\Units\Duration;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\Expression;
use Illuminate\Database\Query\JoinClause;

/** The designs of a day, deleted ones too: those on its menu, in the menu's order, then the others that were asked for. */
final readonly class DesignsOnDay
{
    /**
     * @param  list<string>  $asked  ids
     * @return array<string, DesignOnDay> by id
     */
    public function __invoke(EventDay $day, array $asked): array
    {
        /**
         * @var list<\stdClass&object{
         *     id: string, name: string, placement: string, plan_id: string|null, total_ms: int|null, promise_ms: int|null,
         *     price_cents: int|null, rung: string|null
         * }> $rows
         */
        $rows = Design::ofTeam($day->team_id)->withTrashed()->toBase()
            ->leftJoin('menu_items', static fn (JoinClause $join): JoinClause => $join
                ->on('menu_items.design_id', '=', 'designs.id')->where('menu_items.event_day_id', $day->id))
            ->leftJoin('design_rungs', static fn (JoinClause $join): JoinClause => $join
                ->on('design_rungs.design_id', '=', 'designs.id')->on('design_rungs.name', '=', 'menu_items.rung'))
            ->leftJoin('face_plans', static fn (JoinClause $join): JoinClause => $join
                ->on('face_plans.id', '=', new Expression('coalesce(design_rungs.plan_id, designs.plan_id)')))
            ->where(static fn (Builder $either): Builder => $either->whereNotNull('menu_items.id')->orWhereIn('designs.id', $asked))
            ->orderByRaw('menu_items.position is null, menu_items.position, designs.name')
            ->get([
                'designs.id', 'designs.name', 'placement', 'face_plans.id as plan_id', 'face_plans.total_ms', 'menu_items.rung',
                'menu_items.promise_ms', 'price_cents',
            ])
            ->all();

        $own = self::own(array_map(static fn (object $row): string => $row->rung ?? '', array_column($rows, null, 'id')));

        return array_column(array_map(static fn (object $row): DesignOnDay => self::design($row, $own[$row->id] ?? []), $rows), null, 'id');
    }

    /**
     * @param  array<string, string>  $rungs  by design; empty for as typed
     * @return array<string, list<OwnTime>> by design
     */
    private static function own(array $rungs): array
    {
        $own = [];
        foreach (PainterPlan::query()->whereIn('design_id', array_keys($rungs))->orderBy('painter_id')->get() as $plan) {
            if ($plan->rung === $rungs[$plan->design_id]) {
                $own[$plan->design_id][] = new OwnTime($plan->painter_id, $plan->plan_id, Duration::ofMilliseconds($plan->total_ms));
            }
        }

        return $own;
    }

    /**
     * @param  \stdClass&object{
     *     id: string, name: string, placement: string, plan_id: string|null, total_ms: int|null, promise_ms: int|null,
     *     price_cents: int|null, rung: string|null
     * }  $row
     * @param  list<OwnTime>  $own
     */
    private static function design(object $row, array $own): DesignOnDay
    {
        $offer = $row->promise_ms === null
            ? null
            : new Offer(Duration::ofMilliseconds($row->promise_ms), $row->price_cents, RungName::tryFrom($row->rung ?? ''));

        return new DesignOnDay(
            id: $row->id,
            name: $row->name,
            placement: Placement::from($row->placement),
            planId: $row->plan_id,
            planned: Duration::ofMilliseconds($row->total_ms ?? 0),
            offer: $offer,
            own: $own,
        );
    }
}
