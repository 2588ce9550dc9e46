<?php

declare(strict_types=1);

namespace Core\Plan\Simulation;

use Core\Units\Duration;
use JsonException;

/**
 * An event that is to be played, as JSON and back: for another process, and to tell whether it is the same one.
 *
 * @phpstan-type Length array{milliseconds: int}
 * @phpstan-type Face array{middle: Length, spread: float, doubt: float, slope: float, nth: int, isMemoryless: bool}
 * @phpstan-type Rules array{stopNamesAt: Length|null, patience: Length|null, longest: int|null, quickAbove: int|null, isLineEach: bool,
 *     paintsOut: bool, contagion: float}
 * @phpstan-type Values array{
 *     open: Length, arrivals: array{children: float, isAtOnce: bool, profile: list<float>|null, groups: list<float>},
 *     menu: list<array{id: string, weight: float, price: int, looks: list<float>}>,
 *     artists: list<array{id: string, shifts: list<array{int, int}>, times: list<non-empty-list<Face>>}>,
 *     turnaround: Length, rules: Rules, turnaroundSpread: float
 * }
 */
final readonly class ScenarioJson
{
    private function __construct() {}

    public static function of(Scenario $scenario): string
    {
        return json_encode($scenario, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE);
    }

    /**
     * @throws JsonException when it is no JSON
     * @throws InvalidScenario when it cannot be played
     */
    public static function read(string $json): Scenario
    {
        /** @var Values $values */
        $values = json_decode($json, true, flags: JSON_THROW_ON_ERROR);

        return new Scenario(
            open: self::length($values['open']),
            arrivals: Arrivals::read($values['arrivals']),
            menu: array_map(static fn (array $offer): Offer => new Offer(...$offer), $values['menu']),
            artists: array_map(
                static fn (array $artist): Artist => new Artist($artist['id'], $artist['shifts'], array_map(
                    static fn (array $versions): array => array_map(FaceTime::read(...), $versions),
                    $artist['times'],
                )),
                $values['artists'],
            ),
            turnaround: self::length($values['turnaround']),
            rules: self::rules($values['rules']),
            turnaroundSpread: $values['turnaroundSpread'],
        );
    }

    /** @param  Rules  $values */
    private static function rules(array $values): LineRules
    {
        $lengths = array_map(
            static fn (?array $length): ?Duration => $length === null ? null : self::length($length),
            ['stopNamesAt' => $values['stopNamesAt'], 'patience' => $values['patience']],
        );

        return new LineRules(...[...$values, ...$lengths]);
    }

    /** @param  Length  $length */
    private static function length(array $length): Duration
    {
        return Duration::ofMilliseconds($length['milliseconds']);
    }
}
