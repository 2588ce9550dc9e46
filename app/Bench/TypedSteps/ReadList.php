<?php

declare(strict_types=1);

namespace App\Bench\TypedSteps;

use App\Bench\Designs\TapeSpan;
use App\Http\Resources\Resource;
use Core\Design\Defaults;
use Core\Design\Pin;
use Core\Design\Place\Placement;
use Core\Design\Wording\ListReading;
use Core\Timeline\Timeline;

/** A typed list: what was understood of each line, and the tape that its steps make. */
final readonly class ReadList extends Resource
{
    /**
     * @param  string  $title  empty where it has none
     * @param  bool  $saysPlacement  whether the list itself says where it is painted
     * @param  list<ReadLine>  $lines  blank ones left out
     * @param  int  $steps  how many it makes
     * @param  int  $mostSteps  that a design holds: the tape shows no more
     * @param  list<TapeSpan>  $spans
     * @param  list<PinShown>  $pins  of steps by their place, "1" being the first
     */
    public function __construct(
        public string $title,
        public Placement $placement,
        public bool $saysPlacement,
        public array $lines,
        public int $steps,
        public int $mostSteps,
        public array $spans,
        public int $totalMs,
        public array $pins,
    ) {}

    /**
     * @param  Timeline  $timeline  of as many steps as a design can hold
     * @param  list<list<StepRead>>  $steps  of each line
     */
    public static function of(ListReading $reading, Timeline $timeline, array $steps): self
    {
        return new self(
            title: $reading->title,
            placement: $reading->placement,
            saysPlacement: $reading->saysPlacement,
            lines: array_map(ReadLine::of(...), $reading->lines, $steps),
            steps: count($reading->steps()),
            mostSteps: Defaults::MOST_STEPS,
            spans: TapeSpan::ofTimeline($timeline),
            totalMs: $timeline->makespan()->milliseconds,
            pins: self::pins($reading),
        );
    }

    /** @return list<PinShown> of the steps that a design can hold */
    private static function pins(ListReading $reading): array
    {
        $held = array_filter(
            $reading->pins,
            static fn (Pin $pin): bool => array_filter(
                $pin->steps,
                static fn (string $step): bool => (int) $step > Defaults::MOST_STEPS,
            ) === [],
        );

        return array_values(array_map(PinShown::of(...), $held));
    }
}
