<?php

declare(strict_types=1);

namespace App\Bench\Advice;

use App\Account\Ways\PainterBench;
use Core\Design\Design;
use Core\Order\Check;
use Core\Timeline\StepTimes;

/** What happens on the skin when a design is painted in its order, and what the craft says of it. */
final readonly class CraftOfDesign
{
    public function __construct(private FixOnBench $fixOnBench) {}

    public function __invoke(PainterBench $bench, Design $design, StepTimes $times): CraftRead
    {
        $check = Check::of($design, $bench->circumstances($times));
        $fixes = [];
        foreach ($check->findings as $at => $finding) {
            if ($finding->fix !== null) {
                $fixes[$at] = ($this->fixOnBench)($bench, $design, $finding->fix, $times);
            }
        }

        return new CraftRead($check, $fixes);
    }
}
