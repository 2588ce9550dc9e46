<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Account\Ways\PainterBench;
use Core\Design\Design;
use Core\Order\PaintedSequence;

/** The worked starting points, with their pictures and what they take on this painter's bench. */
final readonly class StartingPoints
{
    public function __construct(private WorkedDesigns $workedDesigns) {}

    /** @return list<PaintedSequence> */
    public function __invoke(PainterBench $bench): array
    {
        $circumstances = $bench->circumstances($bench->stepTimes);

        $painted = static fn (Design $design): PaintedSequence => PaintedSequence::of($design, $circumstances);

        return array_map($painted, array_values(($this->workedDesigns)()));
    }
}
