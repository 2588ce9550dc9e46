<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\Files\DesignFiles;
use App\Bench\Order\WatchSearch;
use App\Exceptions\WrongOption;
use Core\Design\Design;
use Core\Design\Step;
use Core\Kit\Kit;
use Core\Ladder\Drop;
use Core\Ladder\Ladder;
use Core\Ladder\Rung;
use Core\Ladder\StopPoint;
use Core\Ladder\StopPoints;
use Core\Ladder\TooManyChoices;
use Core\Order\Circumstances;
use Core\Units\Duration;
use Core\Workspace\LaidThing;
use Core\Workspace\LayOut;
use Illuminate\Console\Command;

/** Exit 0 when every design has a rung (that fits, where minutes are given), 1 when one has none, 2 on bad input. */
final class LadderOfDesigns extends Command
{
    use ReadsFiles;
    use TakesCircumstances;

    protected $signature = 'inch:ladder {file : a design file, or - for standard input}
        {--fit= : minutes; tells the rung with the most look that is done within them}
        {--seconds=10 : look no longer than this for each design}'.self::OPTIONS;

    protected $description = 'Print the ladder of each design in a file: all versions worth painting, each in its best order, as JSON';

    public function handle(DesignFiles $designFiles): int
    {
        return $this->withFile(function (string $json) use ($designFiles): int {
            $circumstances = $this->circumstances();
            $fit = $this->fit();
            $shown = array_map(fn (Design $design): array => $this->shown($design, $circumstances, $fit), $designFiles->read($json));
            $this->line(json_encode(['designs' => $shown], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR));
            $missing = array_filter(
                $shown,
                static fn (array $design): bool => $design['rungs'] === [] || ($fit !== null && $design['fits'] === null),
            );

            return $missing === [] ? self::SUCCESS : self::FAILURE;
        });
    }

    private function fit(): ?Duration
    {
        $typed = $this->option('fit');

        return is_string($typed) ? Duration::tryParse($typed) ?? throw WrongOption::of('--fit', 'give minutes, such as --fit=3:00') : null;
    }

    /**
     * @return array{name: string, proven: bool, rungs: list<array<string, mixed>>, fits: int|null, named: array<string,
     *     array<string, mixed>>, stops: list<array<string, mixed>>}
     */
    private function shown(Design $design, Circumstances $circumstances, ?Duration $fit): array
    {
        $seconds = $this->option('seconds');
        try {
            $ladder = Ladder::of($design, $circumstances, null, WatchSearch::silent(is_numeric($seconds) ? (float) $seconds : 10.0));
        } catch (TooManyChoices $refusal) {
            throw WrongOption::of('file', $refusal->getMessage());
        }
        $place = static fn (?Rung $rung): ?int => $rung === null ? null : ((int) array_search($rung, $ladder->rungs, true)) + 1;

        return [
            'name' => $design->name,
            'proven' => $ladder->isProven,
            'rungs' => array_map(fn (Rung $rung): array => $this->rung($rung, $ladder), $ladder->rungs),
            'fits' => $fit === null ? null : $place($ladder->fitting($fit)),
            'named' => array_map(
                static fn (Rung $rung): array => ['seconds' => $rung->time->seconds(), 'changes' => $rung->version->changes()],
                $ladder->named(),
            ),
            'stops' => array_map(
                static fn (StopPoint $stop): array => ['afterStep' => $stop->after + 1, 'without' => $stop->still],
                StopPoints::of($design),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function rung(Rung $rung, Ladder $ladder): array
    {
        return [
            'seconds' => $rung->time->seconds(),
            'look' => $rung->version->look / 10,
            'share' => round($rung->version->share(), 4),
            'changes' => $rung->version->changes(),
            'steps' => array_map(static fn (Step $step): string => $step->name, $rung->design->steps),
            'layOut' => array_map(static fn (LaidThing $thing): string => $thing->name, LayOut::of($rung->design, Kit::empty())),
            'goesNext' => array_map(static fn (Drop $drop): array => [
                'drop' => $drop->words, 'savedSeconds' => $drop->saved->seconds(), 'lookLost' => $drop->lost / 10,
                'lookPerSecond' => round($drop->lookPerSecond() / 10, 4),
            ], $ladder->goesNext($rung)),
            'proven' => $rung->isProven,
        ];
    }
}
