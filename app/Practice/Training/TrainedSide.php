<?php

declare(strict_types=1);

namespace App\Practice\Training;

use App\Bench\Advice\PaceShown;
use App\Http\Resources\Resource;
use Core\Design\Place\Side;
use Core\Pace\Defaults;
use Core\Pace\Pace;
use Core\Pace\Run;
use Core\Units\Duration;

/**
 * One side of what is practised, with its curve.
 *
 * @phpstan-type CurvePoint array{nth: int, middleMs: int, eightOfTenMs: int}
 * @phpstan-type RepetitionShown array{nth: int, ms: int, isPractice: bool, isInterrupted: bool}
 */
final readonly class TrainedSide extends Resource
{
    /**
     * @param  Side|null  $side  null for as it is typed
     * @param  list<RepetitionShown>  $repetitions  the oldest first
     * @param  list<CurvePoint>  $curve  from the first repetition to some that are to come
     * @param  int  $aheadMs  after eight more
     * @param  int|null  $readyAfter  repetitions until eight of ten are within the target; null where that is too far off, or
     *     nothing is aimed at
     */
    public function __construct(
        public ?Side $side,
        public array $repetitions,
        public array $curve,
        public ?PaceShown $pace,
        public int $plannedMs,
        public int $aheadMs,
        public ?int $readyAfter,
    ) {}

    private const MOST_SHOWN = 40;

    /** @param  list<Run>  $runs  the newest, the oldest of them first */
    public static function of(?Side $side, array $runs, Pace $pace, Duration $planned, ?int $readyAfter): self
    {
        $curve = [];
        for ($nth = max(1, $pace->nth - self::MOST_SHOWN); $nth <= $pace->nth + Defaults::FORECAST_AHEAD + 1; $nth++) {
            $more = $nth - $pace->nth - 1;
            $curve[] = [
                'nth' => $nth,
                'middleMs' => $pace->middle($more)->milliseconds,
                'eightOfTenMs' => $pace->eightOfTen($more)->milliseconds,
            ];
        }

        return new self(
            side: $side,
            repetitions: array_map(
                static fn (Run $run): array => [
                    'nth' => $run->nth,
                    'ms' => $run->milliseconds,
                    'isPractice' => $run->isPractice,
                    'isInterrupted' => $run->isInterrupted,
                ],
                array_slice($runs, -self::MOST_SHOWN),
            ),
            curve: $curve,
            pace: $pace->isKnown() ? PaceShown::of($pace) : null,
            plannedMs: $planned->milliseconds,
            aheadMs: $pace->middle(Defaults::FORECAST_AHEAD)->milliseconds,
            readyAfter: $readyAfter,
        );
    }
}
