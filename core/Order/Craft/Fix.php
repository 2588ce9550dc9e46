<?php

declare(strict_types=1);

namespace Core\Order\Craft;

use Core\Design\Design;
use Core\Design\Step;

/** What the app can do about a finding: the design as it would be then. Steps that are new have ids that begin with "new". */
final readonly class Fix
{
    /** @param  string  $label  what it does, as on a button */
    private function __construct(public string $label, public Design $design) {}

    public static function to(Design $design, string $label): self
    {
        return new self($label, $design);
    }

    /** One step otherwise. */
    public static function changing(Design $design, int $at, Step $step, string $label): self
    {
        $steps = $design->steps;
        $steps[$at] = $step;

        return new self($label, $design->withSteps(array_values($steps)));
    }

    /** @param  list<int>  $places */
    public static function without(Design $design, array $places, string $label): self
    {
        return new self($label, $design->withSteps(array_values(array_diff_key($design->steps, array_flip($places)))));
    }

    /** @param  list<int>  $order  places of all steps */
    public static function inOrder(Design $design, array $order, string $label): self
    {
        return new self($label, $design->withSteps(array_map(static fn (int $at): Step => $design->steps[$at], $order)));
    }

    /** One step taken out and put in again at another place. */
    public static function moving(Design $design, int $from, int $to, string $label): self
    {
        return self::inOrder($design, self::moved(count($design->steps), $from, $to), $label);
    }

    /** @return list<int> places in the new order */
    public static function moved(int $count, int $from, int $to): array
    {
        $order = range(0, max(0, $count - 1));
        array_splice($order, $from, 1);
        array_splice($order, $to, 0, [$from]);

        return $order;
    }
}
