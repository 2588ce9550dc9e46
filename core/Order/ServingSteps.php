<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Design\NameSays;
use Core\Design\Step;
use Core\Design\Technique;

/** Small acts that lay nothing (spritz, load, hold still, wipe) stay with the step that they serve (common practice, no source). */
final readonly class ServingSteps
{
    private function __construct() {}

    /**
     * @param  list<Step>  $steps
     * @return array<int, int> the step served by the act
     */
    public static function in(array $steps): array
    {
        $served = [];
        foreach ($steps as $at => $step) {
            $is = self::isAct($step) ? self::servedBy($steps, $at) : null;
            if ($is !== null) {
                $served[$at] = $is;
            }
        }

        return $served;
    }

    public static function isAct(Step $step): bool
    {
        return $step->technique === Technique::Tidy && $step->zones === [];
    }

    /** @param  list<Step>  $steps */
    private static function servedBy(array $steps, int $act): ?int
    {
        $ways = NameSays::ServesBefore->in($steps[$act]->name) ? [-1, 1] : [1, -1];
        foreach ($ways as $way) {
            for ($at = $act + $way; isset($steps[$at]); $at += $way) {
                if (! self::isAct($steps[$at])) {
                    return $at;
                }
            }
        }

        return null;
    }
}
