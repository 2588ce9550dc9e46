<?php

declare(strict_types=1);

namespace App\Plan\Packing;

use App\Account\Ways\BenchOfPainter;
use App\Models\Bench\Design;
use App\Models\Kit\StockCount;
use App\Models\Logbook\Face;
use App\Models\Plan\EventDay;
use Core\Supplies\StockUse;
use Core\Supplies\Thrift;

/** What the faces of an event day took of the stock. */
final readonly class StockOfDay
{
    public function __construct(private BenchOfPainter $benchOfPainter) {}

    /**
     * The estimate is without what was learned, so that the next thing learned is not learned twice.
     *
     * @return StockRead|null null where nothing was painted
     */
    public function __invoke(EventDay $day, ?Thrift $thrift = null): ?StockRead
    {
        /** @var array<string, int> $faces */
        $faces = Face::ofTeam($day->team_id)->toBase()->where('event_day_id', $day->id)->groupBy('design_id')
            ->selectRaw('design_id, count(*) as faces')->pluck('faces', 'design_id')->all();
        if ($faces === []) {
            return null;
        }
        $painted = [];
        foreach (Design::ofTeam($day->team_id)->withTrashed()->whereIn('id', array_keys($faces))->with('plan')->get() as $design) {
            $painted[] = $design->plan === null ? null : [$design->plan->toDesign(), $faces[$design->id]];
        }

        return new StockRead(
            array_sum($faces),
            StockUse::of(
                array_values(array_filter($painted, is_array(...))),
                $this->benchOfPainter->kit($day->team_id),
                $thrift ?? Thrift::asEstimated(),
            ),
            StockCount::query()->find($day->id)?->content,
        );
    }
}
