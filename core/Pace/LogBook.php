<?php

declare(strict_types=1);

namespace Core\Pace;

/** The paces that a log of many painters and things makes. */
final readonly class LogBook
{
    private function __construct() {}

    /**
     * @param  iterable<LogLine>  $lines  the oldest first
     * @return list<array{LogLine, TeamPaces}> for each thing its newest line, whose plan is the one that counts, and the paces
     */
    public static function of(iterable $lines): array
    {
        $runs = $newest = [];
        foreach ($lines as $line) {
            $thing = $line->thing();
            $nth = 1 + count($runs[$thing][$line->painter] ?? []);
            $runs[$thing][$line->painter][] = new Run($line->spent->milliseconds, $nth, $line->isPractice, $line->isInterrupted);
            $newest[$thing] = $line;
        }

        return array_map(
            static fn (string $thing): array => [$newest[$thing], TeamPaces::of($newest[$thing]->planned, $runs[$thing])],
            array_keys($newest),
        );
    }
}
