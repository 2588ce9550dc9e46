<?php

declare(strict_types=1);

namespace App\Bench\TypedSteps;

use App\Account\Ways\PainterBench;
use App\Bench\Advice\StepOnBench;
use Core\Design\Defaults;
use Core\Design\Place\Placement;
use Core\Design\Wording\LineReading;
use Core\Design\Wording\StepReading;
use Core\Timeline\Timeline;

/** What a typed list says, with its tape: every line, what was read and assumed of it, and its steps. */
final readonly class StepsInList
{
    public function __construct(private StepOnBench $onBench) {}

    /**
     * @param  list<string>  $above  lines of steps that stand above it already
     * @param  string  $called  the name of the design
     */
    public function __invoke(PainterBench $bench, string $list, ?Placement $placement, array $above = [], string $called = ''): ReadList
    {
        $reader = $bench->reader();
        $before = $above === [] ? [] : $reader->read(implode("\n", $above), $placement)->steps();
        $reading = $reader->read($list, $placement, $before, $called);
        $held = array_slice($reading->steps(), 0, Defaults::MOST_STEPS);
        $read = fn (StepReading $step): StepRead => ($this->onBench)($bench, $step->step, $bench->stepTimes);

        return ReadList::of(
            $reading,
            Timeline::of($held, $bench->changeovers, $bench->stepTimes),
            array_map(static fn (LineReading $line): array => array_map($read, $line->steps), $reading->lines),
        );
    }
}
