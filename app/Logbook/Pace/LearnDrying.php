<?php

declare(strict_types=1);

namespace App\Logbook\Pace;

use App\Line\Offered\GoingOnOfDay;
use App\Models\Account\PainterWays;
use App\Models\Bench\Design;
use App\Models\Plan\EventDay;
use Core\Surface\GoingOn;

/**
 * Learns from a closed day how soon a painter goes on over wet paint without having to mend it.
 */
final readonly class LearnDrying
{
    public function __construct(private GoingOnOfDay $goingOn) {}

    /** @param  iterable<Design>  $designs  painted on that day, with their steps */
    public function __invoke(EventDay $day, iterable $designs): void
    {
        foreach (($this->goingOn)($day, $designs) as $painterId => $times) {
            $share = GoingOn::share($times);
            if ($share !== null) {
                PainterWays::query()->updateOrCreate(
                    ['user_id' => $painterId],
                    ['worked_share' => $share, 'worked_times' => count($times)],
                );
            }
        }
    }
}
