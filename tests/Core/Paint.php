<?php

declare(strict_types=1);

namespace Tests\Core;

use Core\Design\Colour;
use Core\Design\Design;
use Core\Design\Medium;
use Core\Design\Place\Placement;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Units\Duration;
use Random\Randomizer;

/** Steps and designs for tests, with everything that a test does not care about filled in. */
final readonly class Paint
{
    /**
     * @param  list<string>  $colours  as #rrggbb
     * @param  list<Zone>  $zones
     */
    public static function step(
        string $id = 'a',
        int|float $seconds = 30,
        Medium $medium = Medium::Sponge,
        string $tool = 'half sponge',
        array $colours = ['#8593a0'],
        array $zones = [Zone::Cheek],
        Side $side = Side::Both,
        int $coats = 1,
        int|float $dryFor = 0,
        string $name = '',
        ?Technique $technique = null,
        ?int $count = null,
        bool $typed = true,
    ): Step {
        return new Step(
            id: $id,
            name: $name === '' ? "step {$id}" : $name,
            medium: $medium,
            tool: $tool,
            colours: array_map(static fn (string $hex): Colour => Colour::of('', $hex), $colours),
            zones: $zones,
            side: $side,
            coats: $coats,
            time: $typed ? Duration::ofSeconds($seconds) : null,
            dryFor: Duration::ofSeconds($dryFor),
            optional: false,
            note: '',
            technique: $technique,
            count: $count,
        );
    }

    public static function design(Step ...$steps): Design
    {
        return new Design('Wave band', Placement::Cheek, null, array_values($steps));
    }

    /** A step of any kind, on one to three zones, sometimes waiting for dry paint below. */
    public static function anyStep(Randomizer $chance, string $id): Step
    {
        return self::step(
            id: $id,
            seconds: $chance->getInt(1, 90),
            medium: Medium::cases()[$chance->getInt(0, count(Medium::cases()) - 1)],
            tool: ['half sponge', 'round 3', 'Round 3', ''][$chance->getInt(0, 3)],
            colours: [['#111111'], ['#f4f2ec'], ['#111111', '#b5334c'], []][$chance->getInt(0, 3)],
            zones: array_slice($chance->shuffleArray(self::faceZones()), 0, $chance->getInt(1, 3)),
            side: $chance->getInt(0, 1) === 0 ? Side::Both : Side::Centre,
            dryFor: max(0, $chance->getInt(-40, 60)),
        );
    }

    /** @return non-empty-list<Zone> */
    public static function faceZones(): array
    {
        return array_values(array_filter(Zone::cases(), static fn (Zone $zone): bool => ! $zone->isOnLimb())) ?: [Zone::Cheek];
    }

    /** @return list<Step> */
    public static function anySteps(Randomizer $chance, int $count): array
    {
        return array_map(static fn (int $number): Step => self::anyStep($chance, "s{$number}"), range(1, $count));
    }
}
