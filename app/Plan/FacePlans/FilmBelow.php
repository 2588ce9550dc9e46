<?php

declare(strict_types=1);

namespace App\Plan\FacePlans;

use Core\Order\PaintedSequence;
use Core\Order\Search\Lag;

/** A film that a step of a plan finds below: how long after its last stroke one may go on, and until when. */
final readonly class FilmBelow
{
    /**
     * @param  string  $stepId  that laid it
     * @param  int  $least  milliseconds; 0 where one may go on at once
     * @param  int|null  $most  milliseconds; null where it may be as dry as it likes
     */
    private function __construct(public string $stepId, public int $least, public ?int $most) {}

    /** @return list<self> of the step at that place */
    public static function all(PaintedSequence $course, int $at): array
    {
        return array_map(
            static fn (Lag $lag): self => new self($course->step($lag->from)->id, $lag->least, $lag->most),
            $course->lagsBefore($at),
        );
    }

    /** @param  array{step: string, least: int, most?: int}  $values */
    public static function read(array $values): self
    {
        return new self($values['step'], $values['least'], $values['most'] ?? null);
    }

    /** @return array{step: string, least: int, most?: int} ready for JSON */
    public function values(): array
    {
        return ['step' => $this->stepId, 'least' => $this->least, ...($this->most === null ? [] : ['most' => $this->most])];
    }
}
