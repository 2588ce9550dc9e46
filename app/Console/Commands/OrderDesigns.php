<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\Files\DesignFiles;
use App\Bench\Order\WatchSearch;
use Core\Design\Design;
use Core\Design\DesignFile;
use Core\Order\BestOrder;
use Core\Order\Circumstances;
use Core\Order\Constraint;
use Core\Order\Move;
use Core\Order\Proposal;
use Core\Order\Search\Watch;
use Core\Order\Search\WithinLabels;
use Illuminate\Console\Command;

/** Exit 0 when every design has an order, 1 when one has none, 2 on bad input. */
final class OrderDesigns extends Command
{
    use ReadsFiles;
    use TakesCircumstances;

    protected $signature = 'inch:order {file : a design file, or - for standard input}
        {--seconds=10 : look no longer than this for each design}
        {--labels= : instead, look at so many partial orders: the same answer on every machine}'.self::OPTIONS;

    protected $description = 'Print the best order of each design in a file, how good it is for sure, and what it saves, as JSON';

    public function handle(DesignFiles $designFiles): int
    {
        return $this->withFile(function (string $json) use ($designFiles): int {
            $circumstances = $this->circumstances();
            $designs = $designFiles->read($json);
            $proposals = array_map(fn (Design $design): Proposal => BestOrder::of($design, $circumstances)->run($this->watch()), $designs);
            $shown = array_map(
                fn (Design $design, Proposal $proposal): array => $this->shown($design, $proposal, $circumstances),
                $designs,
                $proposals,
            );
            $this->line(json_encode(['designs' => $shown], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR));

            return array_filter(
                $proposals,
                static fn (Proposal $proposal): bool => $proposal->best === null,
            ) === [] ? self::SUCCESS : self::FAILURE;
        });
    }

    private function watch(): Watch
    {
        $labels = $this->option('labels');
        $seconds = $this->option('seconds');

        return is_numeric($labels) ? new WithinLabels((int) $labels) : WatchSearch::silent(is_numeric($seconds) ? (float) $seconds : 10.0);
    }

    /** @return array<string, mixed> */
    private function shown(Design $design, Proposal $proposal, Circumstances $circumstances): array
    {
        $best = $proposal->best;

        return [
            ...($best === null ? ['name' => $design->name] : TimelineValues::of($best, $circumstances->changeovers, $circumstances->times)),
            'typedSeconds' => $proposal->typed->seconds(),
            'typedWithWaitsSeconds' => $proposal->typedLawful?->seconds(),
            'bestSeconds' => $proposal->makespan()?->seconds(),
            'isTypedOrder' => $best !== null && array_column($best->steps, 'id') === array_column($design->steps, 'id'),
            'savedSeconds' => $proposal->saved()->seconds(),
            'proven' => $proposal->outcome->isProven,
            'boundSeconds' => $proposal->outcome->bound / 1000,
            'gapPercent' => round(100 * $proposal->outcome->gap(), 2),
            'moves' => array_map(
                static fn (Move $move): array => [
                    'step' => (int) $move->step,
                    'from' => $move->from + 1,
                    'to' => $move->to + 1,
                    'why' => $move->why,
                ],
                $proposal->moves,
            ),
            'clash' => [
                ...array_map(static fn (Constraint $constraint): string => $constraint->why, $proposal->clash),
                ...$proposal->clashingGroups,
            ],
            'design' => $best === null ? null : DesignFile::write([$best])['designs'][0],
        ];
    }
}
