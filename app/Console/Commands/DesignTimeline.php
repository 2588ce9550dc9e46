<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\ReadDesignFile;
use Core\Design\ChangeoverMatrix;
use Core\Design\Design;
use Core\Design\StepTimes;
use Core\Design\Timeline\Span;
use Core\Design\Timeline\SpanKind;
use Illuminate\Console\Command;

final class DesignTimeline extends Command
{
    use ReadsFiles;

    protected $signature = 'inch:timeline {file : a design file, or - for standard input}';

    protected $description = 'Print the timeline of each design in a file as JSON';

    public function handle(ReadDesignFile $read): int
    {
        return $this->withFile(function (string $json) use ($read): void {
            $timelines = array_map($this->timeline(...), $read($json));
            $this->line(json_encode(['designs' => $timelines], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR));
        });
    }

    /** @return array<string, mixed> */
    private function timeline(Design $design): array
    {
        $timeline = $design->timeline(ChangeoverMatrix::starting(), StepTimes::starting());

        return [
            'name' => $design->name,
            'totalSeconds' => $timeline->makespan()->seconds(),
            'paintingSeconds' => $timeline->total(SpanKind::Painting)->seconds(),
            'changeoverSeconds' => $timeline->total(SpanKind::Changeover)->seconds(),
            'dryingSeconds' => $timeline->total(SpanKind::Drying)->seconds(),
            'spans' => array_map(static fn (Span $span): array => [
                'kind' => $span->kind->value,
                'step' => (int) $span->step->id,
                'name' => $span->step->name,
                'startSeconds' => $span->start->seconds(),
                'endSeconds' => $span->end()->seconds(),
            ], $timeline->spans),
        ];
    }
}
