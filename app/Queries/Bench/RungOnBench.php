<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use App\Http\Resources\Bench\DropShown;
use App\Http\Resources\Bench\OtherWayTaken;
use App\Http\Resources\Bench\RungSheet;
use App\Http\Resources\Plan\PlanStep;
use App\Models\Design;
use App\Queries\Account\PainterBench;
use App\Queries\Logbook\PacesOfDesign;
use Core\Design\RungChoice;
use Core\Design\RungName;
use Core\Design\Step;
use Core\Ladder\Drop;
use Core\Ladder\Weighed;
use Core\Order\Course;
use Core\Table\LayOut;

/** One version of a design as the bench shows it. */
final readonly class RungOnBench
{
    public function __construct(private PacesOfDesign $pacesOfDesign, private LadderOfDesign $ladderOfDesign) {}

    /** @return RungSheet|null null when a step lacks what it needs, or no order keeps all rules */
    public function __invoke(PainterBench $bench, Design $design, RungChoice $choice): ?RungSheet
    {
        $circumstances = $bench->circumstances($bench->stepTimes->knowing(($this->pacesOfDesign)($design->id, $bench->painterId)));
        $weighed = Weighed::of($design->toCore(), $circumstances, $choice);
        if ($weighed === null) {
            return null;
        }
        $rung = $weighed->rung;
        $course = Course::of($rung->design, $circumstances);
        $planned = $course->timeline->tapToTap();
        $whole = $rung->version->look / max(0.0001, $rung->version->share());

        return new RungSheet(
            rung: $this->ladderOfDesign->shown($rung, [], $circumstances, $this->pacesOfDesign->ofFaces($design->id, $bench->painterId)),
            steps: array_map(
                static fn (Step $step, int $at): PlanStep => new PlanStep($step, $planned[$step->id]->milliseconds, $course->seen($at)),
                $rung->design->steps,
                array_keys($rung->design->steps),
            ),
            spans: DesignOnBench::spans($course->timeline),
            layOut: array_map(DesignOnBench::laid(...), LayOut::of($rung->design, $bench->kit)),
            next: array_map(static fn (Drop $drop): DropShown => self::drop($drop, $whole), $weighed->next),
        );
    }

    private static function drop(Drop $drop, float $whole): DropShown
    {
        $percent = $whole === 0.0 ? 0.0 : 100 * $drop->lost / $whole;

        return new DropShown(
            words: $drop->words,
            savedMs: $drop->saved->milliseconds,
            lostPercent: round($percent, 1),
            percentPerSecond: round($percent / $drop->saved->seconds(), 2),
            leftOut: $drop->left->version->leftOut(),
            otherWays: OtherWayTaken::all($drop->left->version->choice(RungName::Core)),
        );
    }
}
