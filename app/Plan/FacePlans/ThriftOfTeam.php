<?php

declare(strict_types=1);

namespace App\Plan\FacePlans;

use App\Models\Kit\StockCount;
use App\Models\Plan\EventDay;
use Core\Supplies\Thrift;

/** How much a team uses up against the estimate: what it weighed after events says so. */
final readonly class ThriftOfTeam
{
    public function __invoke(string $teamId): Thrift
    {
        $weighed = [];
        foreach (StockCount::query()->whereIn('event_day_id', EventDay::ofTeam($teamId)->select('id'))->get() as $count) {
            foreach ($count->content as $one) {
                if ($one['isWeighed'] && $one['before'] !== null && $one['left'] !== null) {
                    $weighed[] = [
                        'kind' => $one['kind'],
                        'estimated' => $one['estimated'],
                        'used' => (float) max(0, $one['before'] - $one['left']),
                    ];
                }
            }
        }

        return Thrift::learned($weighed);
    }
}
