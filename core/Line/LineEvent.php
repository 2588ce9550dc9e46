<?php

declare(strict_types=1);

namespace Core\Line;

use Core\Line\Ahead\AfterFace;
use Core\Units\Duration;
use Core\Units\Instant;

/** One tap, as its maker saw it: an id of the maker's own and the time of the tap itself, not of its arrival. */
final readonly class LineEvent
{
    /**
     * @param  string  $id  unique; breaks ties between events of one instant
     * @param  string|null  $design  for Trimmed: of another mind half-way
     * @param  string|null  $before  for Moved: the ticket to stand in front of; null for the end of the line
     * @param  string|null  $target  for Undone: the id of the event to take back
     * @param  string|null  $painter  who takes the chair; for Joined and Changed the painter that is wished for
     * @param  Instant|null  $until  when a break is meant to end
     * @param  string|null  $party  the same for those who came together
     * @param  string|null  $note  a word about the child, for the day only
     * @param  list<Caution>|null  $answers  what was answered before painting; none when all is well
     * @param  list<string>  $without  the steps that are left out for it
     * @param  PauseReason|null  $reason  why the clocks stand
     * @param  int|null  $cents  what was paid, in the smallest unit of the currency
     * @param  Duration|null  $spent  for Mended: what the step really took
     *
     * @throws InvalidEvent when a field that the kind needs is missing
     */
    public function __construct(
        public string $id,
        public EventKind $kind,
        public Instant $at,
        public ?string $ticket = null,
        public ?int $number = null,
        public ?string $firstName = null,
        public ?string $design = null,
        public ?int $chair = null,
        public ?FacePlan $plan = null,
        public ?string $step = null,
        public ?string $before = null,
        public ?string $target = null,
        public ?string $painter = null,
        public ?Instant $until = null,
        public ?string $party = null,
        public ?string $note = null,
        public ?array $answers = null,
        public array $without = [],
        public ?PauseReason $reason = null,
        public ?AfterFace $part = null,
        public ?int $cents = null,
        public ?Payment $payment = null,
        public ?Duration $spent = null,
    ) {
        foreach ($kind->needs() as $field) {
            if ($this->{$field} === null) {
                throw InvalidEvent::missing($kind->value, $field);
            }
        }
    }

    /** Order of the line's own time: by instant, then by id, whatever the order of arrival. */
    public static function compare(self $a, self $b): int
    {
        $byTime = $a->at->epochMilliseconds <=> $b->at->epochMilliseconds;

        return $byTime === 0 ? strcmp($a->id, $b->id) : $byTime;
    }
}
