<?php

declare(strict_types=1);

namespace Core\Design;

use Core\Exceptions\CoreException;
use Core\Exceptions\InvalidDesignFile;
use Core\Units\Duration;

/**
 * The open design format, version 1: designs as plain values, ready for JSON. The shape is schemas/design.v1.schema.json.
 *
 * @phpstan-type StepValues array{
 *     name: string, medium: string, tool?: string, colours?: list<array{name?: string, hex: string}>, zones: non-empty-list<string>,
 *     side?: string, coats?: int, seconds: int|float, drySeconds?: int|float, optional?: bool, note?: string
 * }
 * @phpstan-type DesignValues array{name: string, placement: string, promiseSeconds?: int|float, steps: list<StepValues>}
 */
final readonly class DesignFile
{
    public const FORMAT = 'inch-timer/design';

    public const VERSION = 1;

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
                $steps[] = self::within("/designs/{$at}/steps/{$index}", static fn () => self::step((string) ($index + 1), $step));
            }
            $designs[] = self::within("/designs/{$at}", static fn () => new Design(
                trim($design['name']),
                Placement::from($design['placement']),
                isset($design['promiseSeconds']) ? Duration::ofSeconds($design['promiseSeconds']) : null,
                $steps,
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
            'designs' => array_map(static fn (Design $design): array => [
                'name' => $design->name,
                'placement' => $design->placement->value,
                ...($design->promise === null ? [] : ['promiseSeconds' => self::seconds($design->promise)]),
                'steps' => array_map(self::stepValues(...), $design->steps),
            ], $designs),
        ];
    }

    /** @param  StepValues  $values */
    private static function step(string $id, array $values): Step
    {
        return new Step(
            $id,
            trim($values['name']),
            Medium::from($values['medium']),
            trim($values['tool'] ?? ''),
            array_map(static fn (array $colour) => Colour::of($colour['name'] ?? '', $colour['hex']), $values['colours'] ?? []),
            array_map(Zone::from(...), $values['zones']),
            Side::from($values['side'] ?? Side::Centre->value),
            $values['coats'] ?? 1,
            Duration::ofSeconds($values['seconds']),
            Duration::ofSeconds($values['drySeconds'] ?? 0),
            $values['optional'] ?? false,
            trim($values['note'] ?? ''),
        );
    }

    /** @return array<string, mixed> */
    private static function stepValues(Step $step): array
    {
        return [
            'name' => $step->name,
            'medium' => $step->medium->value,
            'tool' => $step->tool,
            'colours' => array_map(static fn (Colour $colour) => ['name' => $colour->name, 'hex' => $colour->hex], $step->colours),
            'zones' => array_map(static fn (Zone $zone): string => $zone->value, $step->zones),
            'side' => $step->side->value,
            'coats' => $step->coats,
            'seconds' => self::seconds($step->time),
            'drySeconds' => self::seconds($step->dryFor),
            'optional' => $step->optional,
            'note' => $step->note,
        ];
    }

    private static function seconds(Duration $duration): int|float
    {
        $whole = intdiv($duration->milliseconds, 1000);

        return $whole * 1000 === $duration->milliseconds ? $whole : $duration->seconds();
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
