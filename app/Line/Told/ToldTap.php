<?php

declare(strict_types=1);

namespace App\Line\Told;

use App\Http\Resources\SparseResource;
use Core\Line\Ahead\AfterFace;
use Core\Line\Caution;
use Core\Line\EventKind;
use Core\Line\EventValues;
use Core\Line\JudgedEvent;
use Core\Line\PauseReason;
use Core\Line\Payment;

/** A tap that the server has, with what became of it: Core\Line\JudgedEvent. */
final readonly class ToldTap extends SparseResource
{
    /**
     * @param  list<Caution>|null  $answers
     * @param  list<string>|null  $without
     * @param  int|null  $spent  milliseconds
     */
    public function __construct(
        public string $id,
        public EventKind $kind,
        public int $at,
        public ?string $ticket = null,
        public ?int $number = null,
        public ?string $firstName = null,
        public ?string $design = null,
        public ?int $chair = null,
        public ?string $plan = null,
        public ?string $step = null,
        public ?string $before = null,
        public ?string $target = null,
        public ?string $painter = null,
        public ?int $until = null,
        public ?string $party = null,
        public ?string $note = null,
        public ?array $answers = null,
        public ?array $without = null,
        public ?PauseReason $reason = null,
        public ?AfterFace $part = null,
        public ?int $cents = null,
        public ?Payment $payment = null,
        public ?int $spent = null,
        public ?float $rank = null,
        public ?string $aside = null,
    ) {}

    public static function of(JudgedEvent $judged, bool $showsMoney): self
    {
        $event = $judged->event;

        return new self(...[
            ...EventValues::of($judged),
            'kind' => $event->kind,
            'answers' => $event->answers,
            'reason' => $event->reason,
            'part' => $event->part,
            'cents' => $showsMoney ? $event->cents : null,
            'payment' => $event->payment,
        ]);
    }
}
