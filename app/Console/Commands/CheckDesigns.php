<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\Files\DesignFiles;
use Core\Design\Design;
use Core\Order\Check;
use Core\Order\Circumstances;
use Core\Order\Craft\Evidence;
use Core\Order\Craft\Finding;
use Illuminate\Console\Command;

/** Exit 0 when nothing stops, 1 when a finding of severity stop remains, 2 on bad input. */
final class CheckDesigns extends Command
{
    use ReadsFiles;
    use TakesCircumstances;

    protected $signature = 'inch:check {file : a design file, or - for standard input}'.self::OPTIONS;

    protected $description = 'Print the timeline of each design in a file and what the craft says of it, as JSON';

    public function handle(DesignFiles $designFiles): int
    {
        return $this->withFile(function (string $json) use ($designFiles): int {
            $circumstances = $this->circumstances();
            $checks = array_map(static fn (Design $design): Check => Check::of($design, $circumstances), $designFiles->read($json));
            $shown = array_map(fn (Check $check): array => $this->shown($check, $circumstances), $checks);
            $this->line(json_encode(['designs' => $shown], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR));

            return array_filter($checks, static fn (Check $check): bool => $check->hasStop()) === [] ? self::SUCCESS : self::FAILURE;
        });
    }

    /** @return array<string, mixed> */
    private function shown(Check $check, Circumstances $circumstances): array
    {
        return [
            ...TimelineValues::of($check->course->preparation->design, $circumstances->changeovers, $circumstances->times),
            'findings' => array_map(static fn (Finding $finding): array => [
                'rule' => $finding->rule,
                'severity' => $finding->severity->value,
                'steps' => array_map(intval(...), $finding->steps),
                'says' => $finding->says,
                'costSeconds' => $finding->cost / 1000,
                'evidence' => array_map(
                    static fn (Evidence $one): string => "{$one->label}: {$one->value} ({$one->source})",
                    $finding->evidence,
                ),
                'fix' => $finding->fix?->label,
            ], $check->findings),
        ];
    }
}
