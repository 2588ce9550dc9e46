<?php

declare(strict_types=1);

namespace Core\Line\Ahead;

use Core\Line\Face;
use Core\Line\FacePlan;
use Core\Line\TapSetAside;
use Core\Units\Duration;
use Core\Units\Instant;

/** Another way to go on with a face that is under the hand, which is quicker than what is planned. */
final readonly class Quicker
{
    /** What saves less is not worth a press. Team's estimate. */
    public const WORTH_SECONDS = 3;

    /** Nobody chooses among more with a child in the chair. Team's estimate. */
    public const MOST_OFFERED = 6;

    private function __construct(public Duration $left) {}

    /** As the chair will show it once it is pressed; null where that is not quicker, or paints nothing any more. */
    public static function by(FacePlan $plan, Face $face, Instant $now): ?self
    {
        try {
            $trimmed = $face->trimmedTo($plan);
        } catch (TapSetAside) {
            return null;
        }
        // What was spent on the step under the hand counts for it, and for no other one.
        $left = $trimmed->currentStep() === $face->currentStep() ? $trimmed->leftToPaint($now) : $trimmed->toCome();

        return $face->leftToPaint($now)->minus($left)->seconds() < self::WORTH_SECONDS ? null : new self($left);
    }

    /**
     * The first, the last, and some between them.
     *
     * @template T
     *
     * @param  list<T>  $ways
     * @return list<T>
     */
    public static function few(array $ways): array
    {
        $count = count($ways);
        $few = min($count, self::MOST_OFFERED);
        $spread = [];
        for ($at = 0; $at < $few; $at++) {
            $spread[] = $ways[$few === 1 ? 0 : intdiv($at * ($count - 1), $few - 1)];
        }

        return $spread;
    }
}
