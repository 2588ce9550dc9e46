<?php

declare(strict_types=1);

namespace Core\Plan\Bags;

use Core\Units\Duration;

/** How long a face of a design holds each of its tools. */
final readonly class ToolUses
{
    /**
     * @param  float  $weight  how often the design is painted against the others
     * @param  array<string, list<Duration>>  $holds  by the tool's name in small letters: each time it is in the hand
     */
    public function __construct(public float $weight, public array $holds) {}

    /** @param  list<array{string, Duration}>  $steps  tool and time of each step, in the order they are painted */
    public static function of(float $weight, array $steps): self
    {
        $holds = [];
        $last = '';
        foreach ($steps as [$tool, $time]) {
            $name = mb_strtolower(trim($tool));
            if ($name === $last && isset($holds[$name])) {
                $at = count($holds[$name]) - 1;
                $holds[$name][$at] = $holds[$name][$at]->plus($time);
            } elseif ($name !== '') {
                $holds[$name][] = $time;
            }
            $last = $name;
        }

        return new self($weight, $holds);
    }
}
