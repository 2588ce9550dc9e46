<?php

declare(strict_types=1);

namespace App\Line\Offered;

use App\Models\Bench\Design;
use App\Models\Bench\DesignRung;
use App\Models\Bench\PainterPlan;
use App\Models\Plan\EventDay;
use Core\Design\Place\Placement;
use Core\Design\RungName;
use Core\Units\Duration;
use Illuminate\Database\Eloquent\Collection;
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

        $ids = array_column($rows, 'id');
        $ofPainters = PainterPlan::query()->whereIn('design_id', $ids)->orderBy('painter_id')->orderBy('rung')->get();
        $versions = self::versions($ids, $ofPainters);
        $designs = array_map(static fn (object $row): DesignOnDay => self::design(
            $row,
            self::own($ofPainters->where('design_id', $row->id)->where('rung', $row->rung ?? '')),
            $versions[$row->id],
        ), $rows);

        return array_column($designs, null, 'id');
    }

    /**
     * @param  Collection<int, PainterPlan>  $plans  of one design
     * @return list<OwnTime>
     */
    private static function own(Collection $plans): array
    {
        return array_values(array_map(
            static fn (PainterPlan $plan): OwnTime => new OwnTime(
                $plan->painter_id,
                $plan->plan_id,
                Duration::ofMilliseconds($plan->total_ms),
            ),
            $plans->all(),
        ));
    }

    /**
     * @param  list<string>  $ids
     * @param  Collection<int, PainterPlan>  $ofPainters
     * @return array<string, string> by design
     */
    private static function versions(array $ids, Collection $ofPainters): array
    {
        $parts = array_fill_keys($ids, '');
        foreach (DesignRung::query()->whereIn('design_id', $ids)->orderBy('name')->get(['design_id', 'name', 'plan_id']) as $rung) {
            $parts[$rung->design_id] .= "{$rung->name->value} {$rung->plan_id} ";
        }
        foreach ($ofPainters as $plan) {
            $parts[$plan->design_id] .= "{$plan->painter_id} {$plan->rung} {$plan->plan_id} ";
        }

        return array_map(static fn (string $all): string => $all === '' ? '' : hash('crc32b', $all), $parts);
    }

    /**
     * @param  \stdClass&object{
     *     id: string, name: string, placement: string, plan_id: string|null, total_ms: int|null, promise_ms: int|null,
     *     price_cents: int|null, rung: string|null
     * }  $row
     * @param  list<OwnTime>  $own
     */
    private static function design(object $row, array $own, string $versions): DesignOnDay
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
            versions: $versions,
        );
    }
}
