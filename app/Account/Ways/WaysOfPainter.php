<?php

declare(strict_types=1);

namespace App\Account\Ways;

use App\Models\Account\User;
use Core\Colour\Load;
use Core\Colour\PaintKind;
use Core\Design\Medium;
use Core\Order\Schools\Question;
use Core\Order\Schools\School;
use Core\Order\Schools\Schools;
use Core\Order\Schools\TradeNumber;
use Core\Order\Schools\TradeNumbers;
use Core\Surface\DryingBasis;
use Core\Timeline\Timing;
use Core\Units\Duration;

/**
 * @phpstan-import-type NumberShown from WaysSheet
 * @phpstan-import-type QuestionShown from WaysSheet
 */
final readonly class WaysOfPainter
{
    public function __construct(private BenchOfPainter $bench) {}

    public function __invoke(User $painter): WaysSheet
    {
        $ways = $this->bench->ways($painter);
        $drying = $ways->toDrying();
        $dry = static fn (PaintKind $kind): Duration => $drying->film(
            kind: $kind,
            medium: Medium::Brush,
            load: Load::Normal,
            coats: 1,
            painting: Duration::zero(),
        )->dryAfter();

        $weather = $ways->toWeather();
        $schools = $ways->toSchools();
        $numbers = $ways->toNumbers();

        return new WaysSheet(
            celsius: $weather->celsius,
            humidity: $weather->humidity,
            wind: $weather->wind,
            dries: round($drying->factor, 2),
            isTouched: $ways->touchedFactor() !== null,
            waxDryMs: $dry(PaintKind::Wax)->milliseconds,
            glycerineDryMs: $dry(PaintKind::Glycerine)->milliseconds,
            questions: array_map(static fn (Question $one): array => self::question($one, $schools), Question::cases()),
            timing: $ways->toTiming(),
            timings: array_map(static fn (Timing $timing): array => ['timing' => $timing, 'label' => $timing->label()], Timing::cases()),
            numbers: array_map(static fn (TradeNumber $one): array => self::number($one, $numbers), TradeNumber::cases()),
            rests: $drying->basis->words(),
            workedTimes: $drying->basis === DryingBasis::Work ? $ways->worked_times : 0,
        );
    }

    /** @return NumberShown a number that findings rest on, as the painter goes by it */
    private static function number(TradeNumber $number, TradeNumbers $own): array
    {
        return [
            'number' => $number,
            'label' => $number->label(),
            'value' => $own->get($number),
            'start' => $number->start(),
            'isOwn' => $own->isOwn($number),
            'isSeconds' => $number->isSeconds(),
            'least' => $number->least(),
            'most' => $number->most(),
        ];
    }

    /** @return QuestionShown where painters differ */
    private static function question(Question $question, Schools $schools): array
    {
        $shown = array_map(static fn (School $school): array => ['school' => $school, 'label' => $school->label()], $question->schools());

        return ['question' => $question, 'label' => $question->label(), 'schools' => $shown, 'chosen' => $schools->on($question)];
    }
}
