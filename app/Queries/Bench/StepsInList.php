<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use App\Http\Resources\Bench\AssumedPart;
use App\Http\Resources\Bench\LineChoice;
use App\Http\Resources\Bench\LineQuestion;
use App\Http\Resources\Bench\PinShown;
use App\Http\Resources\Bench\ReadLine;
use App\Http\Resources\Bench\ReadList;
use App\Http\Resources\Bench\ReadPart;
use App\Http\Resources\Bench\ReadStep;
use App\Queries\Account\PainterBench;
use Core\Design\Defaults;
use Core\Design\Design;
use Core\Design\Pin;
use Core\Design\Placement;
use Core\Design\Wording\Assumption;
use Core\Design\Wording\Choice;
use Core\Design\Wording\LineReading;
use Core\Design\Wording\ListReading;
use Core\Design\Wording\Part;
use Core\Design\Wording\PartKind;
use Core\Design\Wording\StepReading;
use Core\Timeline\Timeline;

/** What a typed list says, with its tape: every line, what was read and assumed of it, and its steps. */
final readonly class StepsInList
{
    public function __construct(private StepOnBench $onBench) {}

    /** @param  list<string>  $above  lines of steps that stand above it already */
    public function __invoke(PainterBench $bench, string $list, ?Placement $placement, array $above = []): ReadList
    {
        $reader = $bench->reader();
        $before = $above === [] ? [] : $reader->read(implode("\n", $above), $placement)->steps();
        $reading = $reader->read($list, $placement, $before);
        $steps = $reading->steps();
        $design = new Design('A list', $reading->placement, null, array_slice($steps, 0, Defaults::MOST_STEPS));
        $timeline = Timeline::of($design->steps, $bench->changeovers, $bench->stepTimes);

        return new ReadList(
            title: $reading->title,
            placement: $reading->placement,
            saysPlacement: $reading->saysPlacement,
            lines: array_map(fn (LineReading $line): ReadLine => $this->line($bench, $line), $reading->lines),
            steps: count($steps),
            mostSteps: Defaults::MOST_STEPS,
            spans: DesignOnBench::spans($timeline),
            totalMs: $timeline->makespan()->milliseconds,
            pins: self::pins($reading),
        );
    }

    private function line(PainterBench $bench, LineReading $line): ReadLine
    {
        $question = $line->question();
        $asking = array_values(array_filter($line->steps, static fn (StepReading $step): bool => $step->question !== null))[0] ?? null;

        return new ReadLine(
            number: $line->number,
            text: $line->text,
            kind: $line->kind,
            parts: self::parts($line->parts),
            question: $question === null ? null : new LineQuestion(
                $question->asks,
                self::choices($question->choices, $line->text, $asking->end ?? 0),
            ),
            steps: array_map(fn (StepReading $step): ReadStep => $this->step($bench, $line, $step), $line->steps),
        );
    }

    private function step(PainterBench $bench, LineReading $line, StepReading $reading): ReadStep
    {
        $assumed = array_map(static fn (Assumption $one): AssumedPart => new AssumedPart(
            $one->of,
            $one->value,
            $one->because,
            self::choices($one->choices, $line->text, $reading->end),
        ), $reading->assumed);

        return new ReadStep(($this->onBench)($bench, $reading->step, $bench->stepTimes), $assumed);
    }

    /**
     * @param  list<Part>  $parts
     * @return list<ReadPart> but for words between
     */
    private static function parts(array $parts): array
    {
        $said = array_filter($parts, static fn (Part $part): bool => $part->kind !== PartKind::Between);

        return array_values(array_map(static fn (Part $part): ReadPart => new ReadPart($part->kind, $part->start, $part->length), $said));
    }

    /**
     * @param  list<Choice>  $choices
     * @return list<LineChoice>
     */
    private static function choices(array $choices, string $text, int $end): array
    {
        return array_map(static fn (Choice $choice): LineChoice => new LineChoice($choice->label, $choice->madeIn($text, $end)), $choices);
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

        return array_values(array_map(static fn (Pin $pin): PinShown => new PinShown($pin->kind, $pin->steps), $held));
    }
}
