<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use Core\Plan\Simulation\Scenario;
use Core\Plan\Simulation\Simulation;
use Core\Plan\Simulation\Tally;
use RuntimeException;
use Symfony\Component\Process\Process;

/** Plays many days of an event on every core that the machine has, each in compiled code. */
final readonly class PlayDays
{
    /** Fewer than this are played sooner than other processes start. */
    private const WORTH_SHARING = 500;

    private const COMPILED = ['-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=tracing', '-d', 'opcache.jit_buffer_size=32M'];

    public function __invoke(Scenario $scenario, int $seed, int $runs): Tally
    {
        if ($runs < self::WORTH_SHARING) {
            return (new Simulation($scenario, $seed))->run($runs);
        }
        $cores = self::cores();
        $players = [];
        for ($core = 0, $first = 0; $core < $cores; $core++, $first += $share) {
            $share = intdiv($runs, $cores) + ($core < $runs % $cores ? 1 : 0);
            $player = new Process([PHP_BINARY, ...self::COMPILED, app_path('Console/play-days.php')], timeout: 120);
            $player->setInput(serialize([$scenario, $seed, $share, $first]));
            $player->start();
            $players[] = $player;
        }
        $tallies = array_map(self::tallyOf(...), $players);

        return array_reduce(array_slice($tallies, 1), static fn (Tally $all, Tally $one): Tally => $all->and($one), $tallies[0]);
    }

    private static function tallyOf(Process $player): Tally
    {
        $player->wait();
        $tally = $player->isSuccessful() ? unserialize($player->getOutput()) : null;

        return $tally instanceof Tally ? $tally : throw new RuntimeException("Days could not be played: {$player->getErrorOutput()}");
    }

    private static function cores(): int
    {
        return max(1, (int) shell_exec('nproc'));
    }
}
