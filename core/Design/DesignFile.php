<?php

declare(strict_types=1);

namespace Core\Design;

use Core\Design\Place\Placement;
use Core\Units\CoreException;
use Core\Units\Duration;

/**
 * The open design format, version 5: designs as plain values, ready for JSON. The shape is schemas/design.v5.schema.json.
 * Files of versions 1 to 4 are files of version 5 with fewer fields.
 *
 * @phpstan-import-type Values from StepValues
 *
 * @phpstan-type RungValues array{name: string, withinSeconds?: int|float, leftOut?: list<int>,
 *     otherWays?: list<array{step: int, way: int}>}
 * @phpstan-type DesignValues array{
 *     name: string, placement: string, promiseSeconds?: int|float, tags?: list<string>, stillSeconds?: int|float,
 *     gentle?: bool, fromAge?: int,
 *     pins?: list<array{kind: string, steps: list<int>}>, silences?: list<array{rule: string, reason: string}>,
 *     rungs?: list<RungValues>, steps: list<Values>
 * }
 */
final readonly class DesignFile
{
    public const FORMAT = 'inch-timer/design';

    public const VERSION = 5;

    /**
     * @param  array<string, mixed>  $values  a decoded file that the schema has passed
     * @return list<Design> with steps named by their place in the list, "1" being the first
     *
     * @throws InvalidDesignFile when a value makes no sense, naming its path
     */
    public static function read(array $values): array
    {
        /** @var list<DesignValues> $all */
        $all = $values['designs'];
        $designs = [];
        foreach ($all as $at => $design) {
            $steps = [];
            foreach ($design['steps'] as $index => $step) {
                $steps[] = self::within(
                    "/designs/{$at}/steps/{$index}",
                    static fn () => StepValues::read((string) ($index + 1), $step)->withPossibleWays(),
                );
            }
            $designs[] = self::within("/designs/{$at}", static fn () => new Design(
                name: trim($design['name']),
                placement: Placement::from($design['placement']),
                promise: isset($design['promiseSeconds']) ? Duration::ofSeconds($design['promiseSeconds']) : null,
                steps: $steps,
                tags: $design['tags'] ?? [],
                audience: new Audience(
                    isset($design['stillSeconds']) ? Duration::ofSeconds($design['stillSeconds']) : null,
                    $design['gentle'] ?? false,
                    $design['fromAge'] ?? null,
                ),
                pins: array_map(
                    static fn (array $pin): Pin => new Pin(PinKind::from($pin['kind']), array_map(strval(...), $pin['steps'])),
                    $design['pins'] ?? [],
                ),
                silences: array_map(
                    static fn (array $silence): Silence => new Silence($silence['rule'], trim($silence['reason'])),
                    $design['silences'] ?? [],
                ),
                rungs: array_map(self::rung(...), $design['rungs'] ?? []),
            ));
        }

        return $designs;
    }

    /**
     * @param  list<Design>  $designs
     * @return array{format: string, version: int, designs: list<array<string, mixed>>}
     */
    public static function write(array $designs): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'designs' => array_map(self::design(...), $designs),
        ];
    }

    /** @return array<string, mixed> */
    private static function design(Design $design): array
    {
        $still = $design->audience->sitsStillFor;

        return [
            'name' => $design->name,
            'placement' => $design->placement->value,
            ...($design->promise === null ? [] : ['promiseSeconds' => StepValues::seconds($design->promise)]),
            ...($design->tags === [] ? [] : ['tags' => $design->tags]),
            ...($still === null ? [] : ['stillSeconds' => StepValues::seconds($still)]),
            ...($design->audience->isGentle ? ['gentle' => true] : []),
            ...($design->audience->fromAge === null ? [] : ['fromAge' => $design->audience->fromAge]),
            ...($design->pins === [] ? [] : ['pins' => array_map(static fn (Pin $pin): array => self::pin($design, $pin), $design->pins)]),
            ...($design->silences === [] ? [] : ['silences' => array_map(
                static fn (Silence $silence): array => ['rule' => $silence->rule, 'reason' => $silence->reason],
                $design->silences,
            )]),
            ...($design->rungs === [] ? [] : ['rungs' => array_map(
                static fn (RungChoice $rung): array => self::rungValues($design, $rung),
                $design->rungs,
            )]),
            'steps' => array_map(StepValues::of(...), $design->steps),
        ];
    }

    /** @param  RungValues  $values */
    private static function rung(array $values): RungChoice
    {
        $ways = [];
        foreach ($values['otherWays'] ?? [] as $way) {
            $ways[$way['step']] = $way['way'] - 1;
        }

        return new RungChoice(
            RungName::from($values['name']),
            isset($values['withinSeconds']) ? Duration::ofSeconds($values['withinSeconds']) : null,
            array_map(strval(...), $values['leftOut'] ?? []),
            $ways,
        );
    }

    /** @return RungValues */
    private static function rungValues(Design $design, RungChoice $rung): array
    {
        $numbers = array_flip(array_column($design->steps, 'id'));
        $ways = array_map(
            static fn (string|int $id, int $way): array => ['step' => $numbers[(string) $id] + 1, 'way' => $way + 1],
            array_keys($rung->otherWays),
            $rung->otherWays,
        );

        return [
            'name' => $rung->name->value,
            ...($rung->within === null ? [] : ['withinSeconds' => StepValues::seconds($rung->within)]),
            ...($rung->leftOut === [] ? [] : ['leftOut' => array_map(static fn (string $id): int => $numbers[$id] + 1, $rung->leftOut)]),
            ...($ways === [] ? [] : ['otherWays' => $ways]),
        ];
    }

    /** @return array{kind: string, steps: list<int>} */
    private static function pin(Design $design, Pin $pin): array
    {
        $numbers = array_flip(array_map(static fn (Step $step): string => $step->id, $design->steps));

        return ['kind' => $pin->kind->value, 'steps' => array_map(static fn (string $id): int => $numbers[$id] + 1, $pin->steps)];
    }

    /**
     * @template T
     *
     * @param  callable(): T  $make
     * @return T
     */
    private static function within(string $path, callable $make): mixed
    {
        try {
            return $make();
        } catch (CoreException $refusal) {
            throw InvalidDesignFile::at($path, $refusal->getMessage());
        }
    }
}
