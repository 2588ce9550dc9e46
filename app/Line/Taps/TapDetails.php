<?php

declare(strict_types=1);

namespace App\Line\Taps;

use Core\Line\Ahead\AfterFace;
use Core\Line\Caution;
use Core\Line\PauseReason;
use Core\Line\Payment;
use Core\Units\Duration;

/** What only some kinds of taps say: fields of Core\Line\LineEvent, kept together. */
final readonly class TapDetails
{
    /**
     * @param  list<Caution>|null  $answers
     * @param  list<string>  $without
     * @param  int|null  $spent  milliseconds
     */
    private function __construct(
        public ?string $party = null,
        public ?string $note = null,
        public ?array $answers = null,
        public array $without = [],
        public ?PauseReason $reason = null,
        public ?AfterFace $part = null,
        public ?int $cents = null,
        public ?Payment $payment = null,
        public ?int $spent = null,
    ) {}

    /**
     * @param array{
     *     party?: string|null, note?: string|null, answers?: list<string>|null, without?: list<string>|null, reason?: string|null,
     *     part?: string|null, cents?: int|null, payment?: string|null, spent?: int|null
     * } $input
     */
    public static function of(array $input): self
    {
        $note = trim($input['note'] ?? '');

        return new self(
            party: $input['party'] ?? null,
            note: $note === '' ? null : $note,
            answers: isset($input['answers']) ? array_map(Caution::from(...), $input['answers']) : null,
            without: $input['without'] ?? [],
            reason: PauseReason::tryFrom($input['reason'] ?? ''),
            part: AfterFace::tryFrom($input['part'] ?? ''),
            cents: $input['cents'] ?? null,
            payment: Payment::tryFrom($input['payment'] ?? ''),
            spent: $input['spent'] ?? null,
        );
    }

    /** @throws \JsonException when what was kept is no JSON */
    public static function read(?string $kept): self
    {
        /**
         * @var array{
         *     party?: string, note?: string, answers?: list<string>, without?: list<string>, reason?: string, part?: string,
         *     cents?: int, payment?: string, spent?: int
         * } $values
         */
        $values = $kept === null ? [] : json_decode($kept, true, flags: JSON_THROW_ON_ERROR);

        return self::of($values);
    }

    /** As JSON; null when nothing is said. */
    public function kept(): ?string
    {
        $said = array_filter(get_object_vars($this), static fn (mixed $value): bool => $value !== null && $value !== []);
        // That nothing speaks against painting is said, too.
        $said += $this->answers === [] ? ['answers' => []] : [];

        return $said === [] ? null : json_encode($said, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    public function spentTime(): ?Duration
    {
        return $this->spent === null ? null : Duration::ofMilliseconds($this->spent);
    }
}
