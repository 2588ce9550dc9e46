<?php

declare(strict_types=1);

namespace Core\Line;

use Core\Line\Ahead\AfterFace;
use Core\Units\Duration;
use Core\Units\Instant;

/**
 * An event as plain values, ready for JSON, and back: one form for the browser, the database and the story. What it does not say is left
 * out. Times and lengths are milliseconds.
 *
 * @phpstan-type Said array{
 *     id: string, kind: string, at: int, ticket?: string, number?: int, firstName?: string, design?: string, chair?: int,
 *     plan?: string, step?: string, before?: string, target?: string, painter?: string, until?: int, party?: string, note?: string,
 *     answers?: list<string>, without?: list<string>, reason?: string, part?: string, cents?: int, payment?: string, spent?: int,
 *     rank?: int|float, aside?: string
 * }
 */
final readonly class EventValues
{
    private function __construct() {}

    /** @return Said */
    public static function of(JudgedEvent $judged): array
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
     * @param  Said  $said
     * @param  array<string, FacePlan>  $plans  those that may be meant, by id
     *
     * @throws InvalidEvent when a field that the kind needs is missing
     */
    public static function read(array $said, array $plans): JudgedEvent
    {
        $event = new LineEvent(
            id: $said['id'],
            kind: EventKind::from($said['kind']),
            at: Instant::ofEpochMilliseconds($said['at']),
            ticket: $said['ticket'] ?? null,
            number: $said['number'] ?? null,
            firstName: $said['firstName'] ?? null,
            design: $said['design'] ?? null,
            chair: $said['chair'] ?? null,
            plan: $plans[$said['plan'] ?? ''] ?? null,
            step: $said['step'] ?? null,
            before: $said['before'] ?? null,
            target: $said['target'] ?? null,
            painter: $said['painter'] ?? null,
            until: isset($said['until']) ? Instant::ofEpochMilliseconds($said['until']) : null,
            party: $said['party'] ?? null,
            note: $said['note'] ?? null,
            answers: isset($said['answers']) ? array_map(Caution::from(...), $said['answers']) : null,
            without: $said['without'] ?? [],
            reason: PauseReason::tryFrom($said['reason'] ?? ''),
            part: AfterFace::tryFrom($said['part'] ?? ''),
            cents: $said['cents'] ?? null,
            payment: Payment::tryFrom($said['payment'] ?? ''),
            spent: isset($said['spent']) ? Duration::ofMilliseconds($said['spent']) : null,
        );

        return new JudgedEvent($event, isset($said['rank']) ? (float) $said['rank'] : null, $said['aside'] ?? null);
    }
}
