<?php

declare(strict_types=1);

namespace App\Plan\Earlier;

use App\Http\Resources\Resource;
use Core\Plan\Logged\LastLines;

/** What the lines of the last days say of the next one. */
final readonly class LastLinesShown extends Resource
{
    /**
     * @param  list<float>  $profile  how busy each part of this day would be against the others; one is the mean
     * @param  list<float>  $groups  how often one child comes alone, two together ...
     * @param  float  $notTherePercent  of the children, when they are called
     * @param  int|null  $patienceMinutes  after which half have given up; null where too few have
     * @param  float  $drawsPercent  of the menu's weight, that each choice adds to its own
     */
    public function __construct(
        public int $days,
        public int $children,
        public float $anHour,
        public array $profile,
        public array $groups,
        public float $notTherePercent,
        public ?int $patienceMinutes,
        public float $drawsPercent,
    ) {}

    public static function of(LastLines $last, int $parts): self
    {
        return new self(
            days: count($last->lines),
            children: $last->count(),
            anHour: round($last->anHour(), 1),
            profile: $last->profile($parts),
            groups: $last->groups(),
            notTherePercent: $last->notThere() / 10,
            patienceMinutes: $last->patienceMinutes(),
            drawsPercent: round(100 * $last->contagion(), 1),
        );
    }
}
