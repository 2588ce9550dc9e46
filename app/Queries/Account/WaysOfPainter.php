<?php

declare(strict_types=1);

namespace App\Queries\Account;

use App\Http\Resources\Account\NumberShown;
use App\Http\Resources\Account\SchoolShown;
use App\Http\Resources\Account\TimingShown;
use App\Http\Resources\Account\WaysSheet;
use App\Http\Resources\Bench\QuestionShown;
use App\Models\User;
use Core\Colour\Load;
use Core\Colour\PaintKind;
use Core\Design\Medium;
use Core\Order\Question;
use Core\Order\School;
use Core\Order\Schools;
use Core\Order\TradeNumber;
use Core\Order\TradeNumbers;
use Core\Surface\DryingBasis;
use Core\Surface\Film;
use Core\Timeline\Timing;
use Core\Units\Duration;

final readonly class WaysOfPainter
{
    public function __construct(private BenchOfPainter $bench) {}

    public function __invoke(User $painter): WaysSheet
    {
        $ways = $this->bench->ways($painter);
        $weather = $ways->toWeather();
        $drying = $ways->toDrying();
        $film = static fn (PaintKind $kind): Film => $drying->film(
            kind: $kind,
            medium: Medium::Brush,
            load: Load::Normal,
            coats: 1,
            painting: Duration::zero(),
        );
        $dry = static fn (PaintKind $kind): int => $film($kind)->dryAfter()->milliseconds;
        $schools = $ways->toSchools();

        return new WaysSheet(
            celsius: $weather->celsius,
            humidity: $weather->humidity,
            wind: $weather->wind,
            dries: round($drying->factor, 2),
            isTouched: $ways->touchedFactor() !== null,
            waxDryMs: $dry(PaintKind::Wax),
            glycerineDryMs: $dry(PaintKind::Glycerine),
            questions: array_map(static fn (Question $question): QuestionShown => self::question($question, $schools), Question::cases()),
            timing: $ways->toTiming(),
            timings: array_map(static fn (Timing $timing): TimingShown => new TimingShown($timing, $timing->label()), Timing::cases()),
            numbers: self::numbers($ways->toNumbers()),
            rests: $drying->basis->words(),
            workedTimes: $drying->basis === DryingBasis::Work ? $ways->worked_times : 0,
        );
    }

    /** @return list<NumberShown> */
    private static function numbers(TradeNumbers $own): array
    {
        return array_map(static fn (TradeNumber $number): NumberShown => new NumberShown(
            number: $number, label: $number->label(), value: $own->get($number), start: $number->start(),
            isOwn: $own->isOwn($number), isSeconds: $number->isSeconds(), least: $number->least(), most: $number->most(),
        ), TradeNumber::cases());
    }

    private static function question(Question $question, Schools $schools): QuestionShown
    {
        $shown = array_map(static fn (School $school): SchoolShown => new SchoolShown($school, $school->label()), $question->schools());

        return new QuestionShown($question, $question->label(), $shown, $schools->on($question));
    }
}
