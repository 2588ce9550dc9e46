<?php

declare(strict_types=1);

namespace App\Account\Ways;

use App\Http\Resources\Resource;
use Core\Order\Schools\Question;
use Core\Order\Schools\School;
use Core\Order\Schools\TradeNumber;
use Core\Timeline\Timing;

/**
 * How a painter works, and how paint dries today.
 *
 * @phpstan-type TimingShown array{timing: Timing, label: string}
 *
 * NumberShown: start: the team's starting value; isSeconds: whether it is a time.
 * @phpstan-type NumberShown array{
 *     number: TradeNumber,
 *     label: string,
 *     value: float,
 *     start: float,
 *     isOwn: bool,
 *     isSeconds: bool,
 *     least: float,
 *     most: float,
 * }
 *
 * QuestionShown: schools: the usual one first.
 * @phpstan-type SchoolShown array{school: School, label: string}
 * @phpstan-type QuestionShown array{question: Question, label: string, schools: list<SchoolShown>, chosen: School}
 */
final readonly class WaysSheet extends Resource
{
    /**
     * @param  float  $dries  times as fast as in the reference air
     * @param  bool  $isTouched  whether a touch test of today says so, not the weather
     * @param  int  $waxDryMs  a usual brush load of wax paint
     * @param  int  $glycerineDryMs  a usual brush load of glycerine paint
     * @param  list<QuestionShown>  $questions
     * @param  list<TimingShown>  $timings  what typed seconds may hold
     * @param  list<NumberShown>  $numbers
     * @param  string  $rests  what it rests on how fast paint dries, in words; empty for the starting values alone
     * @param  int  $workedTimes  how often the painter went on over wet paint, where that says how fast it dries; else 0
     */
    public function __construct(
        public float $celsius,
        public float $humidity,
        public float $wind,
        public float $dries,
        public bool $isTouched,
        public int $waxDryMs,
        public int $glycerineDryMs,
        public array $questions,
        public Timing $timing,
        public array $timings,
        public array $numbers,
        public string $rests,
        public int $workedTimes,
    ) {}
}
