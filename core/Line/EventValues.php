<?php

declare(strict_types=1);

namespace Core\Line;

use BackedEnum;
use Core\Line\Ahead\AfterFace;
use Core\Units\Duration;
use Core\Units\Instant;
use ReflectionClass;
use ReflectionNamedType;

/**
 * An event as plain values, ready for JSON, and back: one form for the browser, the database and the story. Its fields are those of
 * LineEvent; what it does not say is left out. Times and lengths are milliseconds.
 *
 * @phpstan-type Said array{
 *     id: string,
 *     kind: value-of<EventKind>,
 *     at: int,
 *     ticket?: string,
 *     number?: int,
 *     firstName?: string,
 *     design?: string,
 *     chair?: int,
 *     plan?: string,
 *     step?: string,
 *     before?: string,
 *     target?: string,
 *     painter?: string,
 *     until?: int,
 *     party?: string,
 *     note?: string,
 *     answers?: list<value-of<Caution>>,
 *     without?: list<string>,
 *     reason?: value-of<PauseReason>,
 *     part?: value-of<AfterFace>,
 *     cents?: int,
 *     payment?: value-of<Payment>,
 *     spent?: int,
 *     rank?: float,
 *     aside?: string,
 * }
 */
final readonly class EventValues
{
    private function __construct() {}

    /** @return Said */
    public static function of(JudgedEvent $judged): array
    {
        $said = [];
        foreach (get_object_vars($judged->event) as $field => $value) {
            // That nothing speaks against painting is said, too.
            if ($value !== null && ($value !== [] || $field === 'answers')) {
                $said[$field] = is_array($value) ? array_map(self::plain(...), $value) : self::plain($value);
            }
        }

        /** @var Said */
        return [
            ...$said,
            ...($judged->rank === null ? [] : ['rank' => $judged->rank]),
            ...($judged->aside === null ? [] : ['aside' => $judged->aside]),
        ];
    }

    /**
     * @param  Said  $said
     * @param  array<string, FacePlan>  $plans  those that may be meant, by id
     *
     * @throws InvalidEvent when a field that the kind needs is missing
     */
    public static function read(array $said, array $plans): JudgedEvent
    {
        $fields = [];
        foreach (array_intersect_key($said, self::types()) as $field => $value) {
            $fields[$field] = self::typed(self::types()[$field], $value, $plans);
        }
        if (isset($said['answers'])) {
            $fields['answers'] = array_map(Caution::from(...), $said['answers']);
        }
        $event = (new ReflectionClass(LineEvent::class))->newInstanceArgs($fields);

        // JSON tells a whole number and a fraction apart.
        return new JudgedEvent($event, isset($said['rank']) ? 1.0 * $said['rank'] : null, $said['aside'] ?? null);
    }

    /** @param  array<string, FacePlan>  $plans */
    private static function typed(string $type, mixed $value, array $plans): mixed
    {
        return match (true) {
            is_int($value) && $type === Instant::class => Instant::ofEpochMilliseconds($value),
            is_int($value) && $type === Duration::class => Duration::ofMilliseconds($value),
            is_string($value) && $type === FacePlan::class => $plans[$value] ?? null,
            is_string($value) && is_subclass_of($type, BackedEnum::class) => $type::from($value),
            default => $value,
        };
    }

    private static function plain(mixed $value): mixed
    {
        return match (true) {
            $value instanceof BackedEnum => $value->value,
            $value instanceof Instant => $value->epochMilliseconds,
            $value instanceof Duration => $value->milliseconds,
            $value instanceof FacePlan => $value->id,
            default => $value,
        };
    }

    /** @return array<string, string> of LineEvent's fields, by name */
    private static function types(): array
    {
        /** @var array<string, string> $types */
        static $types = [];
        if ($types === []) {
            foreach ((new ReflectionClass(LineEvent::class))->getConstructor()?->getParameters() ?? [] as $field) {
                $type = $field->getType();
                $types[$field->name] = $type instanceof ReflectionNamedType ? $type->getName() : 'mixed';
            }
        }

        return $types;
    }
}
