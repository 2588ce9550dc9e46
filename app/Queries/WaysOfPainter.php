<?php

declare(strict_types=1);

namespace App\Queries;

use App\Http\Resources\QuestionShown;
use App\Http\Resources\SchoolShown;
use App\Http\Resources\WaysSheet;
use App\Models\User;
use Core\Design\Load;
use Core\Design\Medium;
use Core\Kit\PaintKind;
use Core\Order\Question;
use Core\Order\School;
use Core\Order\Schools;
use Core\Units\Duration;

final readonly class WaysOfPainter
{
    public function __construct(private BenchOfPainter $bench) {}

    public function __invoke(User $painter): WaysSheet
    {
        $ways = $this->bench->ways($painter);
        $weather = $ways->toWeather();
        $drying = $ways->toDrying();
        $dry = static fn (PaintKind $kind): int => $drying->film($kind, Medium::Brush, Load::Normal, 1, Duration::zero())->dryAfter()->milliseconds;
        $schools = $ways->toSchools();

        return new WaysSheet(
            $weather->celsius,
            $weather->humidity,
            $weather->wind,
            round($drying->factor, 2),
            $ways->touchedFactor() !== null,
            $dry(PaintKind::Wax),
            $dry(PaintKind::Glycerine),
            array_map(static fn (Question $question): QuestionShown => self::question($question, $schools), Question::cases()),
        );
    }

    private static function question(Question $question, Schools $schools): QuestionShown
    {
        $shown = array_map(static fn (School $school): SchoolShown => new SchoolShown($school, $school->label()), $question->schools());

        return new QuestionShown($question, $question->label(), $shown, $schools->on($question));
    }
}
