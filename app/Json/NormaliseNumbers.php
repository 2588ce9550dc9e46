<?php

declare(strict_types=1);

namespace App\Json;

use App\Exceptions\InvalidShape;
use stdClass;

/** JSON knows one kind of number: what it writes as 2.0 is the whole number 2 (JSON Schema 2020-12, section 4.2.3). */
final class NormaliseNumbers
{
    /** Up to here a float tells all whole numbers apart. */
    private const LARGEST = 2 ** 53;

    /**
     * The same values, lists and objects through and through.
     *
     * @throws InvalidShape for a number such as 1e999, which no computer holds
     */
    public static function of(mixed $value): mixed
    {
        if (is_float($value)) {
            if (! is_finite($value)) {
                throw InvalidShape::notJson('it holds a number larger than any here');
            }

            return floor($value) === $value && abs($value) <= self::LARGEST ? (int) $value : $value;
        }
        // In place: of a large file there is one copy, not one for each level.
        if (is_array($value)) {
            foreach ($value as $key => $one) {
                if (self::mayHold($one)) {
                    $value[$key] = self::of($one);
                }
            }
        }
        if ($value instanceof stdClass) {
            foreach (get_object_vars($value) as $key => $one) {
                if (self::mayHold($one)) {
                    $value->{$key} = self::of($one);
                }
            }
        }

        return $value;
    }

    private static function mayHold(mixed $value): bool
    {
        return is_float($value) || is_array($value) || $value instanceof stdClass;
    }
}
