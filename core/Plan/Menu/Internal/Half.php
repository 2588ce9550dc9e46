<?php

declare(strict_types=1);

namespace Core\Plan\Menu\Internal;

use Core\Plan\Menu\Candidate;
use Core\Plan\Menu\MenuGoal;

/**
 * Every choice among half of the candidates: which of them at which rung, or not at all.
 *
 * @phpstan-type Choice array{count: int, weight: float, worth: float, time: float, rungs: array<int, int>}
 */
final readonly class Half
{
    /** @param  list<Choice>  $choices  with the weight, and worth and milliseconds times weight */
    private function __construct(public array $choices) {}

    /** @param  array<int, Candidate>  $candidates  by their place in the whole list */
    public static function of(array $candidates, MenuGoal $goal): self
    {
        $choices = [['count' => 0, 'weight' => 0.0, 'worth' => 0.0, 'time' => 0.0, 'rungs' => []]];
        foreach ($candidates as $at => $candidate) {
            $longer = $candidate->isWished ? [] : $choices;
            foreach ($candidate->rungs() as $rung) {
                $time = $candidate->weight * $candidate->times[$rung]->mean()->milliseconds;
                $worth = $candidate->weight * $goal->worth($candidate, $rung);
                foreach ($choices as $choice) {
                    $longer[] = [
                        'count' => $choice['count'] + 1,
                        'weight' => $choice['weight'] + $candidate->weight,
                        'worth' => $choice['worth'] + $worth,
                        'time' => $choice['time'] + $time,
                        'rungs' => $choice['rungs'] + [$at => $rung],
                    ];
                }
            }
            $choices = $longer;
        }

        return new self($choices);
    }
}
