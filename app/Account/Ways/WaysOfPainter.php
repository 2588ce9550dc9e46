<?php

declare(strict_types=1);

namespace App\Account\Ways;

use App\Models\User;
use Core\Colour\Load;
use Core\Colour\PaintKind;
use Core\Design\Medium;
use Core\Surface\DryingBasis;
use Core\Units\Duration;

final readonly class WaysOfPainter
{
    public function __construct(private BenchOfPainter $bench) {}

    public function __invoke(User $painter): WaysRead
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

        return new WaysRead(
            weather: $ways->toWeather(),
            drying: $drying,
            isTouched: $ways->touchedFactor() !== null,
            waxDry: $dry(PaintKind::Wax),
            glycerineDry: $dry(PaintKind::Glycerine),
            schools: $ways->toSchools(),
            timing: $ways->toTiming(),
            numbers: $ways->toNumbers(),
            workedTimes: $drying->basis === DryingBasis::Work ? $ways->worked_times : 0,
        );
    }
}
