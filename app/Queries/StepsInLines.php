<?php

declare(strict_types=1);

namespace App\Queries;

use App\Http\Resources\ReadLine;
use App\Http\Resources\ReadPart;
use App\Http\Resources\StepLine;
use Core\Design\Wording\Part;
use Core\Design\Wording\Reading;
use Core\Exceptions\CoreException;
use Illuminate\Support\Str;

/** What typed lines say, each on its own. */
final readonly class StepsInLines
{
    public function __construct(private StepOnBench $onBench) {}

    /**
     * @param  list<string>  $lines
     * @return list<ReadLine>
     */
    public function __invoke(PainterBench $bench, array $lines): array
    {
        $reader = $bench->reader();

        return array_map(fn (string $line): ReadLine => $this->read($bench, $line, $reader->read($line)), $lines);
    }

    private function read(PainterBench $bench, string $line, Reading $reading): ReadLine
    {
        $step = $this->step($bench, $reading);
        $parts = array_map(static fn (Part $part): ReadPart => new ReadPart($part->kind, $part->start, $part->length), $reading->parts);

        return $step instanceof StepLine
            ? new ReadLine($line, $parts, [], $step)
            : new ReadLine($line, $parts, $reading->isClear() ? [$step] : $reading->questions, null);
    }

    /** @return StepLine|string the step, or why there is none */
    private function step(PainterBench $bench, Reading $reading): StepLine|string
    {
        try {
            return ($this->onBench)($bench, $reading->step(Str::lower((string) Str::ulid())), $bench->stepTimes);
        } catch (CoreException $refusal) {
            return $refusal->getMessage();
        }
    }
}
