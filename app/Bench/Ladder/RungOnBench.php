<?php

declare(strict_types=1);

namespace App\Bench\Ladder;

use App\Account\Ways\PainterBench;
use App\Bench\Advice\WeighedRead;
use App\Logbook\Pace\PacesOfDesign;
use App\Models\Design;
use Core\Design\RungChoice;
use Core\Design\Step;
use Core\Ladder\Weighed;
use Core\Order\Course;
use Core\Table\LayOut;

/** One version of a design as the bench shows it. */
final readonly class RungOnBench
{
    public function __construct(private PacesOfDesign $pacesOfDesign, private LadderOfDesign $ladderOfDesign) {}

    /** @return WeighedRead|null null when a step lacks what it needs, or no order keeps all rules */
    public function __invoke(PainterBench $bench, Design $design, RungChoice $choice): ?WeighedRead
    {
        $circumstances = $bench->circumstances($bench->stepTimes->knowing(($this->pacesOfDesign)($design->id, $bench->painterId)));
        $weighed = Weighed::of($design->toCore(), $circumstances, $choice);
        if ($weighed === null) {
            return null;
        }
        $rung = $weighed->rung;

        return new WeighedRead(
            rung: $this->ladderOfDesign->shown($rung, [], $circumstances, $this->pacesOfDesign->ofFaces($design->id, $bench->painterId)),
            course: Course::of($rung->design, $circumstances),
            layOut: LayOut::of($rung->design, $bench->kit),
            next: $weighed->next,
            whole: $rung->version->look / max(0.0001, $rung->version->share()),
        );
    }
}
