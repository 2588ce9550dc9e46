<?php

declare(strict_types=1);

namespace App\Bench\Order;

use App\Account\Ways\PainterBench;
use App\Logbook\Pace\PacesOfDesign;
use App\Models\Bench\Design;
use Core\Order\Schools\School;
use Core\Order\Schools\SchoolCost;
use Core\Order\Search\Watch;

/** What each school costs on a design. */
final readonly class TimesBySchool
{
    public function __construct(private PacesOfDesign $pacesOfDesign) {}

    /**
     * @param  Watch  $watch  may end the search
     * @return list<SchoolTime>
     */
    public function __invoke(PainterBench $bench, Design $design, Watch $watch): array
    {
        $content = $design->toCore();
        $circumstances = $bench->circumstances($bench->stepTimes->knowing(($this->pacesOfDesign)($design->id, $bench->painterId)));

        return array_map(
            static fn (School $school): SchoolTime => new SchoolTime(
                $school,
                SchoolCost::of($content, $circumstances, $school, $watch)?->milliseconds,
            ),
            School::cases(),
        );
    }
}
