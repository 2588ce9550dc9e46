<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Exceptions\InvalidLogFile;
use App\Exceptions\InvalidShape;
use App\Exceptions\WrongOption;
use Core\Design\InvalidDesignFile;
use Core\Plan\InvalidPlanFile;

/** For commands that read a file or standard input: exit 2 with one message on bad input. */
trait ReadsFiles
{
    private const BAD_INPUT = 2;

    /** @param  callable(string): int  $use  answers the exit code */
    private function withFile(callable $use): int
    {
        $path = $this->argument('file');
        $path = is_string($path) ? $path : '-';
        $readable = $path === '-' || (is_file($path) && is_readable($path));
        if (! $readable) {
            return $this->refuse("{$path}: no such file, or not readable.");
        }
        try {
            return $use((string) file_get_contents($path === '-' ? 'php://stdin' : $path));
        } catch (WrongOption $refusal) {
            return $this->refuse($refusal->getMessage());
        } catch (InvalidShape|InvalidDesignFile|InvalidPlanFile|InvalidLogFile $refusal) {
            return $this->refuse(($path === '-' ? 'standard input' : $path).": {$refusal->getMessage()}");
        }
    }

    private function refuse(string $message): int
    {
        $this->getOutput()->getErrorStyle()->writeln($message);

        return self::BAD_INPUT;
    }
}
