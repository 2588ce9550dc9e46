<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use App\Http\Resources\Resource;
use Core\Plan\ArrivalKind;
use Core\Plan\BookingKind;
use Core\Plan\Simulation\LeverKind;
use Core\Plan\TurnaroundPart;
use Core\Surface\Weather;
use Core\Units\Duration;

/**
 * What is expected of an event, as it is sent back to be kept or tried.
 *
 * @phpstan-type AirShown array{celsius: float, humidity: float, wind: float}
 * @phpstan-type TurnaroundMs array{choose: int, safety: int, mirror: int, pay: int, clean: int}
 */
final readonly class TermsShown extends Resource
{
    /**
     * @param  list<float>  $profile
     * @param  list<float>  $groups
     * @param  TurnaroundMs  $turnaround
     * @param  AirShown|null  $weather
     * @param  list<LeverKind>  $levers
     */
    public function __construct(
        public int $opensAt,
        public int $closesAt,
        public int $chairs,
        public BookingKind $kind,
        public int $children,
        public ArrivalKind $arrivals,
        public array $profile,
        public array $groups,
        public ?int $bookingCents,
        public int $setUpMinutes,
        public int $packUpMinutes,
        public array $turnaround,
        public ?int $patienceMinutes,
        public ?int $longest,
        public ?int $quickAbove,
        public bool $isLineEach,
        public ?int $stopNamesAt,
        public int $wantedPercent,
        public array $levers,
        public ?int $youngest,
        public ?int $oldest,
        public ?array $weather,
    ) {}

    public static function of(PlanTerms $terms): self
    {
        return new self(
            opensAt: $terms->opensMs,
            closesAt: $terms->closesMs,
            chairs: $terms->chairs,
            kind: $terms->kind,
            children: $terms->children,
            arrivals: $terms->arrivals,
            profile: $terms->profile,
            groups: $terms->groups,
            bookingCents: $terms->bookingCents,
            setUpMinutes: $terms->setUpMinutes,
            packUpMinutes: $terms->packUpMinutes,
            turnaround: self::turnaround($terms->turnaround),
            patienceMinutes: $terms->patienceMinutes,
            longest: $terms->longest,
            quickAbove: $terms->quickAbove,
            isLineEach: $terms->isLineEach,
            stopNamesAt: $terms->stopNamesMs,
            wantedPercent: $terms->wantedPercent,
            levers: $terms->levers,
            youngest: $terms->ages?->youngest,
            oldest: $terms->ages?->oldest,
            weather: $terms->weather === null ? null : self::air($terms->weather),
        );
    }

    /** @return AirShown air: degrees Celsius, relative humidity in percent, wind in metres a second */
    private static function air(Weather $weather): array
    {
        return ['celsius' => $weather->celsius, 'humidity' => $weather->humidity, 'wind' => $weather->wind];
    }

    /**
     * @param  array<string, Duration>  $parts
     * @return TurnaroundMs what lies between two faces, part by part: see TurnaroundPart
     */
    private static function turnaround(array $parts): array
    {
        return array_map(
            static fn (TurnaroundPart $part): int => $parts[$part->value]->milliseconds ?? 0,
            array_column(TurnaroundPart::cases(), null, 'value'),
        );
    }
}
