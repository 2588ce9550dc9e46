<?php

declare(strict_types=1);

namespace Core\Design;

use Core\Exceptions\CoreException;
use Core\Exceptions\InvalidDesignFile;
use Core\Units\Duration;

/**
 * The open design format, version 3: designs as plain values, ready for JSON. The shape is schemas/design.v3.schema.json.
 * Files of versions 1 and 2 are files of version 3 with fewer fields.
 *
 * @phpstan-import-type Values from StepValues
 *
 * @phpstan-type DesignValues array{
 *     name: string, placement: string, promiseSeconds?: int|float, tags?: list<string>, stillSeconds?: int|float, gentle?: bool, fromAge?: int,
 *     pins?: list<array{kind: string, steps: list<int>}>, silences?: list<array{rule: string, reason: string}>, steps: list<Values>
 * }
 */
final readonly class DesignFile
{
    public const FORMAT = 'inch-timer/design';

    public const VERSION = 3;

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
                $steps[] = self::within("/designs/{$at}/steps/{$index}", static fn () => StepValues::read((string) ($index + 1), $step));
            }
            $designs[] = self::within("/designs/{$at}", static fn () => new Design(
                trim($design['name']),
                Placement::from($design['placement']),
                isset($design['promiseSeconds']) ? Duration::ofSeconds($design['promiseSeconds']) : null,
                $steps,
                $design['tags'] ?? [],
                new Audience(
                    isset($design['stillSeconds']) ? Duration::ofSeconds($design['stillSeconds']) : null,
                    $design['gentle'] ?? false,
                    $design['fromAge'] ?? null,
                ),
                array_map(static fn (array $pin): Pin => new Pin(PinKind::from($pin['kind']), array_map(strval(...), $pin['steps'])), $design['pins'] ?? []),
                array_map(static fn (array $silence): Silence => new Silence($silence['rule'], trim($silence['reason'])), $design['silences'] ?? []),
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
            ...($design->silences === [] ? [] : ['silences' => array_map(static fn (Silence $silence): array => ['rule' => $silence->rule, 'reason' => $silence->reason], $design->silences)]),
            'steps' => array_map(StepValues::of(...), $design->steps),
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
