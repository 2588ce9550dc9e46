<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\Files\DesignFiles;
use Core\Design\Design;
use Core\Timeline\ChangeoverMatrix;
use Core\Timeline\StepTimes;
use Illuminate\Console\Command;

final class DesignTimeline extends Command
{
    use ReadsFiles;

    protected $signature = 'inch:timeline {file : a design file, or - for standard input}';

    protected $description = 'Print the timeline of each design in a file as JSON';

    public function handle(DesignFiles $designFiles): int
    {
        return $this->withFile(function (string $json) use ($designFiles): int {
            $timelines = array_map(
                static fn (Design $design): array => TimelineValues::of($design, ChangeoverMatrix::starting(), StepTimes::starting()),
                $designFiles->read($json),
            );
            $this->line(json_encode(['designs' => $timelines], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR));

            return self::SUCCESS;
        });
    }
}
