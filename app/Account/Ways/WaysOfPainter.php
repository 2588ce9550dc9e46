<?php

declare(strict_types=1);

namespace App\Account\Ways;

use App\Models\Account\User;
use Core\Colour\Load;
use Core\Colour\PaintKind;
use Core\Design\Medium;
use Core\Order\Schools\Question;
use Core\Order\Schools\TradeNumber;
use Core\Surface\DryingBasis;
use Core\Timeline\Timing;
use Core\Units\Duration;

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
            questions: array_map(static fn (Question $one): QuestionShown => QuestionShown::of($one, $schools), Question::cases()),
            timing: $ways->toTiming(),
            timings: array_map(static fn (Timing $timing): array => ['timing' => $timing, 'label' => $timing->label()], Timing::cases()),
            numbers: array_map(static fn (TradeNumber $one): NumberShown => NumberShown::of($one, $numbers), TradeNumber::cases()),
            rests: $drying->basis->words(),
            workedTimes: $drying->basis === DryingBasis::Work ? $ways->worked_times : 0,
        );
    }
}
