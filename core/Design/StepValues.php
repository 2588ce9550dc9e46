<?php

declare(strict_types=1);

namespace Core\Design;

use Core\Colour\Load;
use Core\Design\Place\Guide;
use Core\Design\Place\GuideKind;
use Core\Design\Place\Mark;
use Core\Design\Place\Shape;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Units\Duration;

/**
 * A step as plain values, ready for JSON: the one written form of it, in design files, in the database and in plans. What
 * is usual is left out. The shape is the step of schemas/design.v5.schema.json.
 *
 * @phpstan-type AlternativeValues array{medium: string, technique?: string, tool?: string, seconds?: int|float, count?: int,
 *     side?: string, look?: int, coats?: int}
 * @phpstan-type GuideValues array{by: string, value: string}
 * @phpstan-type Values array{
 *     name: string, medium: string, technique?: string, tool?: string, colours?: list<array{name?: string, hex: string}>,
 *     zones?: list<string>,
 *     side?: string, coats?: int, seconds?: int|float, drySeconds?: int|float, optional?: bool, note?: string, load?: string, count?: int,
 *     smallCount?: int, shape?: string, sizePercent?: int, turnDegrees?: int, guides?: list<GuideValues>, shut?: string, look?: int,
 *     group?: string, alternatives?: list<AlternativeValues>, stopAfter?: bool
 * }
 */
final readonly class StepValues
{
    /** All that is said of a step, and the one list of it: what the schema, a request and a resource say of a step is held against it. */
    public const FIELDS = [
        'name', 'medium', 'technique', 'tool', 'colours', 'zones', 'side', 'coats', 'seconds', 'drySeconds', 'optional', 'note', 'load',
        'count', 'smallCount', 'shape', 'sizePercent', 'turnDegrees', 'guides', 'shut', 'look', 'group', 'alternatives', 'stopAfter',
    ];

    /** As painters type them, of those that are kept as seconds. */
    public const TYPED = ['seconds' => 'time', 'drySeconds' => 'dryFor'];

    /**
     * @param  Values  $values
     *
     * @throws InvalidStep when a value makes no sense
     */
    public static function read(string $id, array $values): Step
    {
        $text = static fn (string $key): string => is_string($values[$key] ?? null) ? trim($values[$key]) : '';

        return new Step(
            id: $id,
            name: $text('name'),
            medium: Medium::from($values['medium']),
            tool: $text('tool'),
            colours: array_map(
                static fn (array $colour): Colour => Colour::of(trim($colour['name'] ?? ''), $colour['hex']),
                $values['colours'] ?? [],
            ),
            zones: array_map(Zone::from(...), $values['zones'] ?? []),
            side: Side::from($values['side'] ?? Side::Centre->value),
            coats: $values['coats'] ?? 1,
            time: self::duration($values['seconds'] ?? null),
            dryFor: self::duration($values['drySeconds'] ?? 0) ?? Duration::zero(),
            optional: $values['optional'] ?? false,
            note: $text('note'),
            technique: isset($values['technique']) ? Technique::from($values['technique']) : null,
            load: Load::from($values['load'] ?? Load::Normal->value),
            count: $values['count'] ?? null,
            smallCount: $values['smallCount'] ?? null,
            mark: self::mark($values),
            shut: isset($values['shut']) ? Shut::from($values['shut']) : null,
            look: $values['look'] ?? Defaults::USUAL_LOOK,
            group: $text('group'),
            alternatives: array_map(self::alternative(...), $values['alternatives'] ?? []),
            stopAfter: $values['stopAfter'] ?? null,
        );
    }

    /** @return Values */
    public static function of(Step $step): array
    {
        $mark = $step->mark;

        return [
            'name' => $step->name,
            'medium' => $step->medium->value,
            ...($step->technique === Technique::usualOf($step->medium) ? [] : ['technique' => $step->technique->value]),
            ...($step->tool === '' ? [] : ['tool' => $step->tool]),
            ...($step->colours === [] ? [] : ['colours' => array_map(self::colour(...), $step->colours)]),
            ...($step->zones === [] ? [] : ['zones' => array_map(static fn (Zone $zone): string => $zone->value, $step->zones)]),
            ...($step->side === Side::Centre ? [] : ['side' => $step->side->value]),
            ...($step->coats === 1 ? [] : ['coats' => $step->coats]),
            ...($step->time === null ? [] : ['seconds' => self::seconds($step->time)]),
            ...($step->dryFor->isZero() ? [] : ['drySeconds' => self::seconds($step->dryFor)]),
            ...($step->optional ? ['optional' => true] : []),
            ...($step->note === '' ? [] : ['note' => $step->note]),
            ...($step->load === Load::Normal ? [] : ['load' => $step->load->value]),
            ...($step->count === null ? [] : ['count' => $step->count]),
            ...($step->smallCount === null ? [] : ['smallCount' => $step->smallCount]),
            ...($mark->shape === null ? [] : ['shape' => $mark->shape->value]),
            ...($mark->sizePercent === 100 ? [] : ['sizePercent' => $mark->sizePercent]),
            ...($mark->turnDegrees === 0 ? [] : ['turnDegrees' => $mark->turnDegrees]),
            ...($mark->guides === [] ? [] : ['guides' => array_map(self::guide(...), $mark->guides)]),
            ...($step->shut === null ? [] : ['shut' => $step->shut->value]),
            ...($step->look === Defaults::USUAL_LOOK ? [] : ['look' => $step->look]),
            ...($step->group === '' ? [] : ['group' => $step->group]),
            ...($step->alternatives === [] ? [] : ['alternatives' => array_map(self::alternativeValues(...), $step->alternatives)]),
            ...($step->stopAfter === null ? [] : ['stopAfter' => $step->stopAfter]),
        ];
    }

    /**
     * The same for steps that are painted the same way, whatever they are called and how they look: what is logged of one is
     * true of the other. A newly typed time makes a new way, for the painter knows better from then on.
     *
     * @return string 16 hex digits
     */
    public static function way(Step $step): string
    {
        $apart = ['name', 'note', 'optional', 'look', 'group', 'colours', 'alternatives', 'drySeconds', 'shut', 'stopAfter'];

        return substr(hash('sha256', json_encode(array_diff_key(self::of($step), array_flip($apart)), JSON_THROW_ON_ERROR)), 0, 16);
    }

    /**
     * The same for the same steps painted in the same way, in whatever order: a version of a design.
     *
     * @param  list<string>  $ways  see way()
     * @return string 16 hex digits; empty without steps
     */
    public static function version(array $ways): string
    {
        sort($ways);

        return $ways === [] ? '' : substr(hash('sha256', implode(' ', $ways)), 0, 16);
    }

    /** Whole seconds as a whole number. */
    public static function seconds(Duration $duration): int|float
    {
        $whole = intdiv($duration->milliseconds, 1000);

        return $whole * 1000 === $duration->milliseconds ? $whole : $duration->seconds();
    }

    private static function duration(int|float|null $seconds): ?Duration
    {
        return $seconds === null ? null : Duration::ofSeconds($seconds);
    }

    /** @param  Values  $values */
    private static function mark(array $values): Mark
    {
        return new Mark(
            isset($values['shape']) ? Shape::from($values['shape']) : null,
            $values['sizePercent'] ?? 100,
            $values['turnDegrees'] ?? 0,
            array_map(
                static fn (array $guide): Guide => Guide::of(GuideKind::from($guide['by']), $guide['value']),
                $values['guides'] ?? [],
            ),
        );
    }

    /** @param  AlternativeValues  $values */
    private static function alternative(array $values): Alternative
    {
        $medium = Medium::from($values['medium']);

        return new Alternative(
            medium: $medium,
            technique: isset($values['technique']) ? Technique::from($values['technique']) : Technique::usualOf($medium),
            tool: trim($values['tool'] ?? ''),
            time: self::duration($values['seconds'] ?? null),
            count: $values['count'] ?? null,
            side: isset($values['side']) ? Side::from($values['side']) : null,
            look: $values['look'] ?? null,
            coats: $values['coats'] ?? null,
        );
    }

    /** @return array{name: string, hex: string} */
    private static function colour(Colour $colour): array
    {
        return ['name' => $colour->name, 'hex' => $colour->hex];
    }

    /** @return GuideValues */
    private static function guide(Guide $guide): array
    {
        return ['by' => $guide->kind->value, 'value' => $guide->text()];
    }

    /** @return AlternativeValues */
    private static function alternativeValues(Alternative $alternative): array
    {
        return [
            'medium' => $alternative->medium->value,
            ...($alternative->technique === Technique::usualOf($alternative->medium)
                ? []
                : ['technique' => $alternative->technique->value]),
            ...($alternative->tool === '' ? [] : ['tool' => $alternative->tool]),
            ...($alternative->time === null ? [] : ['seconds' => self::seconds($alternative->time)]),
            ...($alternative->count === null ? [] : ['count' => $alternative->count]),
            ...($alternative->side === null ? [] : ['side' => $alternative->side->value]),
            ...($alternative->look === null ? [] : ['look' => $alternative->look]),
            ...($alternative->coats === null ? [] : ['coats' => $alternative->coats]),
        ];
    }
}
