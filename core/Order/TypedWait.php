<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Design\Design;
use Core\Design\Step;
use Core\Design\Technique;

/** A wait that was typed as a step: for glue, for a base. The next step may not begin sooner after the one before it. */
final readonly class TypedWait
{
    /**
     * @param  int  $before  how many of the other steps were typed before it
     * @param  int  $length  milliseconds
     */
    private function __construct(public int $before, public int $length) {}

    /** @return list<self> */
    public static function in(Design $design): array
    {
        $waits = [];
        $before = 0;
        foreach ($design->steps as $step) {
            if ($step->technique !== Technique::Wait) {
                $before++;

                continue;
            }
            $waits[] = new self($before, $step->time->milliseconds ?? 0);
        }

        return $waits;
    }

    /** The same wait where so many of the other steps come before it. */
    public function after(int $before): self
    {
        return new self($before, $this->length);
    }

    /** The design without its waits. */
    public static function leftOut(Design $design): Design
    {
        return $design->withSteps(array_values(array_filter(
            $design->steps,
            static fn (Step $step): bool => $step->technique !== Technique::Wait,
        )));
    }
}
