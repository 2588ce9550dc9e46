<?php

declare(strict_types=1);

namespace Core\Line;

use Core\Units\Duration;
use Core\Units\Instant;

/**
 * A story as plain values, ready for JSON: the same for the database and for the browser.
 *
 * @phpstan-import-type Said from EventValues
 *
 * @phpstan-type ToldPlan array{id: string, design: string, steps: list<array{id: string, name: string, plannedMs: int}>}
 * @phpstan-type Values array{
 *     version: int, forgotten: array{finished: int, highestNumber: int, until: int|null}, plans: list<ToldPlan>, events: list<Said>
 * }
 */
final readonly class StoryValues
{
    public const VERSION = 2;

    private function __construct() {}

    /** @return Values */
    public static function of(Story $story): array
    {
        $forgotten = $story->line->forgotten;

        return [
            'version' => self::VERSION,
            'forgotten' => [
                'finished' => $forgotten->finished,
                'highestNumber' => $forgotten->highestNumber,
                'until' => $forgotten->until?->epochMilliseconds,
            ],
            'plans' => array_map(self::plan(...), $story->plans()),
            'events' => array_map(EventValues::of(...), $story->events),
        ];
    }

    /**
     * @param  Values  $values
     *
     * @throws UnknownStory when they are of another version
     */
    public static function read(array $values): Story
    {
        if ($values['version'] !== self::VERSION) {
            throw UnknownStory::version($values['version']);
        }
        $plans = [];
        foreach ($values['plans'] as $plan) {
            $steps = array_map(
                static fn (array $step): PlannedStep => new PlannedStep(
                    $step['id'],
                    $step['name'],
                    Duration::ofMilliseconds($step['plannedMs']),
                    $plan['id'],
                ),
                $plan['steps'],
            );
            $plans[$plan['id']] = new FacePlan($plan['id'], $plan['design'], $steps);
        }
        ['finished' => $finished, 'highestNumber' => $highest, 'until' => $until] = $values['forgotten'];

        return Story::told(
            array_map(static fn (array $said): JudgedEvent => EventValues::read($said, $plans), $values['events']),
            new Forgotten($finished, $highest, $until === null ? null : Instant::ofEpochMilliseconds($until)),
        );
    }

    /** @return ToldPlan */
    public static function plan(FacePlan $plan): array
    {
        return [
            'id' => $plan->id,
            'design' => $plan->design,
            'steps' => array_map(
                static fn (PlannedStep $step): array => [
                    'id' => $step->id,
                    'name' => $step->name,
                    'plannedMs' => $step->planned->milliseconds,
                ],
                $plan->steps,
            ),
        ];
    }
}
