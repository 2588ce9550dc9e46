<?php

declare(strict_types=1);

namespace Tests\Reference;

use RuntimeException;

/** R, from Debian's r-base-core, as somebody else who reckons. */
final class R
{
    /**
     * What a program prints, a number a line.
     *
     * @return list<float>
     */
    public static function numbers(string $program): array
    {
        $file = tempnam(sys_get_temp_dir(), 'inch').'.R';
        file_put_contents($file, $program);
        $process = proc_open(['Rscript', '--vanilla', $file], [1 => ['pipe', 'w']], $pipes);
        if ($process === false) {
            throw new RuntimeException('R does not start.');
        }
        $said = (string) stream_get_contents($pipes[1]);
        proc_close($process);
        unlink($file);
        $lines = array_filter(explode("\n", $said), static fn (string $line): bool => trim($line) !== '');

        return array_map(floatval(...), array_values($lines));
    }
}
