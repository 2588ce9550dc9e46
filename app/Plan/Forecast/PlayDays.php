<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use App\Exceptions\NobodyListens;
use Closure;
use Core\Plan\Simulation\Scenario;
use Core\Plan\Simulation\ScenarioJson;
use Core\Plan\Simulation\Simulation;
use Core\Plan\Simulation\Tally;
use RuntimeException;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

/** Plays many days of an event on every core that the machine has, each in compiled code. */
final readonly class PlayDays
{
    /** Fewer than this are played sooner than other processes start. */
    private const WORTH_SHARING = 500;

    /** Compiled for these processes only: the web server's own code is too much for this version's compiler. */
    private const COMPILED = ['-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=tracing', '-d', 'opcache.jit_buffer_size=32M'];

    private const LOOK_EVERY_MICROSECONDS = 20_000;

    /**
     * @param  (Closure(): bool)|null  $isHeard  whether anybody still wants to know
     *
     * @throws NobodyListens once nobody does
     */
    public function __invoke(Scenario $scenario, int $seed, int $runs, ?Closure $isHeard = null): Tally
    {
        if ($runs < self::WORTH_SHARING) {
            return (new Simulation($scenario, $seed))->run($runs);
        }
        $players = self::players($scenario, $seed, $runs);
        while ($isHeard !== null && self::anyRunning($players)) {
            usleep(self::LOOK_EVERY_MICROSECONDS);
            if (! $isHeard()) {
                array_walk($players, static fn (Process $player) => $player->stop(0));

                throw new NobodyListens;
            }
        }
        $tallies = array_map(self::tallyOf(...), $players);

        return array_reduce(array_slice($tallies, 1), static fn (Tally $all, Tally $one): Tally => $all->and($one), $tallies[0]);
    }

    /** @return non-empty-list<Process> */
    private static function players(Scenario $scenario, int $seed, int $runs): array
    {
        $cores = max(1, (int) (new Process(['nproc']))->mustRun()->getOutput());
        $php = (new PhpExecutableFinder)->find();
        $json = ScenarioJson::of($scenario);
        $firsts = array_map(static fn (int $core): int => intdiv($core * $runs, $cores), range(0, $cores));

        return array_map(static function (int $core) use ($json, $seed, $php, $firsts): Process {
            $days = array_map(strval(...), [$seed, $firsts[$core + 1] - $firsts[$core], $firsts[$core]]);
            $player = new Process([$php, ...self::COMPILED, app_path('Console/play-days.php'), ...$days], timeout: 120);
            $player->setInput($json);
            $player->start();

            return $player;
        }, range(0, $cores - 1));
    }

    /** @param  list<Process>  $players */
    private static function anyRunning(array $players): bool
    {
        return array_filter($players, static fn (Process $player): bool => $player->isRunning()) !== [];
    }

    private static function tallyOf(Process $player): Tally
    {
        $player->wait();

        return $player->isSuccessful()
            ? Tally::read($player->getOutput())
            : throw new RuntimeException("Days could not be played: {$player->getErrorOutput()}");
    }
}
