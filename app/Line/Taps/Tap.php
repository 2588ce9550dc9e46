<?php

declare(strict_types=1);

namespace App\Line\Taps;

use Core\Line\EventKind;

/** A tap as a browser sent it: in shape, not yet looked at. Ids are lower-case ULIDs. */
final readonly class Tap
{
    private function __construct(
        public string $id,
        public EventKind $kind,
        public int $atMs,
        public ?string $ticket,
        public ?string $firstName,
        public ?string $design,
        public ?int $chair,
        public ?string $plan,
        public ?string $step,
        public ?string $before,
        public ?string $target,
        public ?string $painter,
        public ?int $until,
        public TapDetails $more,
    ) {}

    /**
     * @param array{
     *     id: string, kind: string, at: int, ticket?: string|null, firstName?: string|null, design?: string|null,
     *     chair?: int|null, plan?: string|null, step?: string|null, before?: string|null, target?: string|null,
     *     painter?: string|null, until?: int|null, party?: string|null, note?: string|null, answers?: list<string>|null,
     *     without?: list<string>|null, reason?: string|null, part?: string|null, cents?: int|null, payment?: string|null,
     *     spent?: int|null
     * } $input
     */
    public static function of(array $input): self
    {
        $firstName = trim($input['firstName'] ?? '');

        return new self(
            id: $input['id'],
            kind: EventKind::from($input['kind']),
            atMs: $input['at'],
            ticket: $input['ticket'] ?? null,
            firstName: $firstName === '' ? null : $firstName,
            design: $input['design'] ?? null,
            chair: $input['chair'] ?? null,
            plan: $input['plan'] ?? null,
            step: $input['step'] ?? null,
            before: $input['before'] ?? null,
            target: $input['target'] ?? null,
            painter: $input['painter'] ?? null,
            until: $input['until'] ?? null,
            more: TapDetails::of($input),
        );
    }

    /** The field that this kind needs and the tap does not have, if any. The number is the server's to give. */
    public function missing(): ?string
    {
        $said = [...get_object_vars($this->more), ...get_object_vars($this)];
        foreach ($this->kind->needs() as $field) {
            if ($field !== 'number' && $said[$field] === null) {
                return $field;
            }
        }

        return null;
    }
}
