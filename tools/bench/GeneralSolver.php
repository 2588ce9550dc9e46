<?php

declare(strict_types=1);

namespace Tools\bench;

use Core\Order\Search\Problem;
use RuntimeException;
use Symfony\Component\Process\Process;

/**
 * The same problem, stated as a mixed-integer program and given to glpsol, the general solver of Debian's glpk-utils: which
 * step follows which (0 or 1), and when each starts. Groups that stay together are not stated.
 */
final readonly class GeneralSolver
{
    private const FOUND = '/^Status:\s+INTEGER (OPTIMAL|NON-OPTIMAL)/m';

    /** @param  int  $seconds  it may take */
    public function __construct(private int $seconds) {}

    /** @return array{int|null, bool} the least makespan it found in milliseconds, null for none, and whether it is sure */
    public function solve(Problem $problem): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'inch-order');
        file_put_contents("{$file}.lp", $this->program($problem));
        $glpsol = new Process(
            ['glpsol', '--lp', "{$file}.lp", '--tmlim', (string) $this->seconds, '-o', "{$file}.out"],
            timeout: $this->seconds + 60,
        );
        $said = $glpsol->mustRun()->getOutput();
        $answer = is_file("{$file}.out") ? (string) file_get_contents("{$file}.out") : '';
        array_map(unlink(...), array_filter([$file, "{$file}.lp", "{$file}.out"], is_file(...)));

        return $this->read($answer, $said);
    }

    /** @return array{int|null, bool} */
    private function read(string $answer, string $said): array
    {
        if (preg_match(self::FOUND, $answer, $status) !== 1) {
            return [null, str_contains($said, 'HAS NO') && str_contains($said, 'FEASIBLE SOLUTION')];
        }
        if (preg_match('/^Objective:\s+\S+\s+=\s+(\S+)/m', $answer, $objective) !== 1) {
            throw new RuntimeException("glpsol said no objective: {$said}");
        }

        return [(int) round(1000 * (float) $objective[1]), $status[1] === 'OPTIMAL'];
    }

    /** In CPLEX LP format, in seconds. Step n is the table before the first step. */
    private function program(Problem $problem): string
    {
        $count = $problem->count();
        $steps = range(0, $count - 1);
        $sum = static fn (array $terms): string => implode(' + ', $terms);
        $lines = ['Minimize', ' makespan: end', 'Subject To'];
        foreach ($steps as $step) {
            $others = array_values(array_diff($steps, [$step]));
            $lines[] = ' '.$sum(array_map(static fn (int $from): string => "y_{$from}_{$step}", [...$others, $count])).' = 1';
            $lines[] = ' '.$sum(array_map(static fn (int $to): string => "y_{$step}_{$to}", [...$others, $count])).' = 1';
        }
        $lines[] = ' '.$sum(array_map(static fn (int $to): string => "y_{$count}_{$to}", $steps)).' = 1';
        $lines[] = ' '.$sum(array_map(static fn (int $from): string => "y_{$from}_{$count}", $steps)).' = 1';
        array_push($lines, ...$this->times($problem), ...$this->lags($problem));
        $lines[] = 'Binary';
        foreach ([...$steps, $count] as $from) {
            foreach ([...$steps, $count] as $to) {
                if ($from !== $to) {
                    $lines[] = " y_{$from}_{$to}";
                }
            }
        }

        return implode("\n", [...$lines, 'End', '']);
    }

    /** @return list<string> */
    private function times(Problem $problem): array
    {
        $horizon = $this->horizon($problem);
        $lines = [];
        foreach ($problem->durations as $from => $duration) {
            $lines[] = sprintf(' end - s_%d >= %.3f', $from, $duration / 1000);
            foreach (array_keys($problem->durations) as $to) {
                if ($from !== $to) {
                    // s_to >= s_from + duration + changeover, if the one follows the other.
                    $lines[] = sprintf(
                        ' s_%d - s_%d - %.3f y_%d_%d >= %.3f',
                        $to,
                        $from,
                        $horizon,
                        $from,
                        $to,
                        ($duration + $problem->changeovers[$from][$to]) / 1000 - $horizon,
                    );
                }
            }
        }

        return $lines;
    }

    /** @return list<string> */
    private function lags(Problem $problem): array
    {
        $lines = [];
        foreach ($problem->lags as $lag) {
            $ends = $problem->durations[$lag->from];
            $lines[] = sprintf(' s_%d - s_%d >= %.3f', $lag->to, $lag->from, ($ends + $lag->least) / 1000);
            if ($lag->most !== null) {
                $lines[] = sprintf(' s_%d - s_%d <= %.3f', $lag->to, $lag->from, ($ends + $lag->most) / 1000);
            }
        }

        return $lines;
    }

    /** Seconds after which nothing more can happen in a best order. */
    private function horizon(Problem $problem): float
    {
        $dearest = array_sum(array_map(static fn (array $row): int => $row === [] ? 0 : max($row), $problem->changeovers));
        $waits = array_sum(array_map(static fn ($lag): int => $lag->least, $problem->lags));

        return (array_sum($problem->durations) + $dearest + $waits) / 1000 + 1;
    }
}
