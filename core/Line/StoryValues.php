<?php

declare(strict_types=1);

namespace Core\Line;

use Core\Line\Ahead\AfterFace;
use Core\Units\Duration;
use Core\Units\Instant;

/**
 * A story as plain values, ready for JSON: the same for the database and for the browser. What an event does not say is left out.
 *
 * @phpstan-type Told array{
 *     id: string, kind: string, at: int, ticket?: string, number?: int, firstName?: string, design?: string, chair?: int,
 *     plan?: string, step?: string, before?: string, target?: string, painter?: string, until?: int, party?: string, note?: string,
 *     answers?: list<string>, without?: list<string>, reason?: string, part?: string, cents?: int, payment?: string, spent?: int,
 *     rank?: int|float, aside?: string
 * }
 * @phpstan-type ToldPlan array{id: string, design: string, steps: list<array{id: string, name: string, plannedMs: int}>}
 * @phpstan-type Values array{
 *     version: int, forgotten: array{finished: int, highestNumber: int, until: int|null}, plans: list<ToldPlan>, events: list<Told>
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
            'events' => array_map(self::told(...), $story->events),
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
            array_map(static fn (array $told): JudgedEvent => self::judged($told, $plans), $values['events']),
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

    /** @return Told */
    public static function told(JudgedEvent $judged): array
    {
        $event = $judged->event;

        return ['id' => $event->id, 'kind' => $event->kind->value, 'at' => $event->at->epochMilliseconds, ...array_filter([
            'ticket' => $event->ticket,
            'number' => $event->number,
            'firstName' => $event->firstName,
            'design' => $event->design,
            'chair' => $event->chair,
            'plan' => $event->plan?->id,
            'step' => $event->step,
            'before' => $event->before,
            'target' => $event->target,
            'painter' => $event->painter,
            'until' => $event->until?->epochMilliseconds,
            'party' => $event->party,
            'note' => $event->note,
            'answers' => $event->answers === null ? null : array_column($event->answers, 'value'),
            'without' => $event->without === [] ? null : $event->without,
            'reason' => $event->reason?->value,
            'part' => $event->part?->value,
            'cents' => $event->cents,
            'payment' => $event->payment?->value,
            'spent' => $event->spent?->milliseconds,
            'rank' => $judged->rank,
            'aside' => $judged->aside,
        ], static fn (mixed $value): bool => $value !== null)];
    }

    /**
     * @param  Told  $told
     * @param  array<string, FacePlan>  $plans
     */
    private static function judged(array $told, array $plans): JudgedEvent
    {
        $event = new LineEvent(
            id: $told['id'],
            kind: EventKind::from($told['kind']),
            at: Instant::ofEpochMilliseconds($told['at']),
            ticket: $told['ticket'] ?? null,
            number: $told['number'] ?? null,
            firstName: $told['firstName'] ?? null,
            design: $told['design'] ?? null,
            chair: $told['chair'] ?? null,
            plan: $plans[$told['plan'] ?? ''] ?? null,
            step: $told['step'] ?? null,
            before: $told['before'] ?? null,
            target: $told['target'] ?? null,
            painter: $told['painter'] ?? null,
            until: isset($told['until']) ? Instant::ofEpochMilliseconds($told['until']) : null,
            party: $told['party'] ?? null,
            note: $told['note'] ?? null,
            answers: isset($told['answers']) ? array_map(Caution::from(...), $told['answers']) : null,
            without: $told['without'] ?? [],
            reason: PauseReason::tryFrom($told['reason'] ?? ''),
            part: AfterFace::tryFrom($told['part'] ?? ''),
            cents: $told['cents'] ?? null,
            payment: Payment::tryFrom($told['payment'] ?? ''),
            spent: isset($told['spent']) ? Duration::ofMilliseconds($told['spent']) : null,
        );

        return new JudgedEvent($event, isset($told['rank']) ? (float) $told['rank'] : null, $told['aside'] ?? null);
    }
}
