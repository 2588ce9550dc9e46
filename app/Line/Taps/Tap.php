<?php

declare(strict_types=1);

namespace App\Line\Taps;

use Core\Line\EventKind;
use Core\Line\EventValues;

/**
 * A tap as a browser sent it: in shape, not yet looked at. Ids are lower-case ULIDs.
 *
 * @phpstan-import-type Said from EventValues
 */
final readonly class Tap
{
    public string $id;

    public EventKind $kind;

    public int $atMs;

    /** @param  Said  $said */
    private function __construct(public array $said)
    {
        $this->id = $said['id'];
        $this->kind = EventKind::from($said['kind']);
        $this->atMs = $said['at'];
    }

    /** @param  array<string, mixed>  $input  what EventValues says, in shape; what is null or blank is not said */
    public static function of(array $input): self
    {
        $trimmed = array_map(static fn (mixed $value): mixed => is_string($value) ? trim($value) : $value, $input);
        // That nothing speaks against painting is said, too.
        $isSaid = static fn (mixed $value, string $field): bool => ! in_array($value, [null, ''], true)
            && ($value !== [] || $field === 'answers');
        /** @var Said $said */
        $said = array_filter($trimmed, $isSaid, ARRAY_FILTER_USE_BOTH);

        return new self($said);
    }

    /** The field that this kind needs and the tap does not have, if any. The number is the server's to give. */
    public function missing(): ?string
    {
        $missing = array_filter($this->kind->needs(), fn (string $field): bool => $field !== 'number' && ! isset($this->said[$field]));

        return array_values($missing)[0] ?? null;
    }
}
