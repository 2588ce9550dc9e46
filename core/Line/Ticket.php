<?php

declare(strict_types=1);

namespace Core\Line;

use Core\Line\Ahead\AfterFace;
use Core\Units\Duration;
use Core\Units\Instant;

/** A child's place in the line. */
final readonly class Ticket
{
    /**
     * @param  float  $rank  place in the line, smallest first; ties go by number
     * @param  string  $design  id of the design asked for
     * @param  string|null  $party  the same for those who came together
     * @param  string|null  $wish  the painter wished for
     * @param  string|null  $note  a word about the child, for the day only
     * @param  Instant|null  $calledAt  the last time
     * @param  int  $calls  how often
     */
    private function __construct(
        public string $id,
        public int $number,
        public ?string $firstName,
        public string $design,
        public float $rank,
        public TicketStatus $status,
        public Instant $joinedAt,
        public ?Instant $calledAt = null,
        public ?int $chair = null,
        public ?Face $face = null,
        public ?Instant $endedAt = null,
        public ?string $party = null,
        public ?string $wish = null,
        public ?string $note = null,
        public int $calls = 0,
        public ?Paid $paid = null,
    ) {}

    /** @param  LineEvent  $joined  with ticket, number and design */
    public static function join(LineEvent $joined): self
    {
        return new self(
            id: (string) $joined->ticket,
            number: (int) $joined->number,
            firstName: $joined->firstName,
            design: (string) $joined->design,
            rank: (float) $joined->number,
            status: TicketStatus::Waiting,
            joinedAt: $joined->at,
            party: $joined->party,
            wish: $joined->painter,
            note: $joined->note,
        );
    }

    /** What goes with the number: whoever has the slip has it. */
    public static function slipCode(string $id): string
    {
        return strtoupper(substr($id, -3));
    }

    /** @throws TapSetAside when no longer in the line */
    public function changed(LineEvent $changed): self
    {
        $this->refuseUnlessInLine();

        return $this->with(
            firstName: $changed->firstName,
            design: (string) $changed->design,
            wish: $changed->painter,
            note: $changed->note,
        );
    }

    /** @throws TapSetAside when no longer in the line */
    public function moved(float $rank): self
    {
        $this->refuseUnlessInLine();

        return $this->with(rank: $rank);
    }

    /**
     * As often as it takes.
     *
     * @throws TapSetAside when no longer in the line
     */
    public function called(Instant $at): self
    {
        $this->refuseUnlessInLine();

        return $this->with(status: TicketStatus::Called, calledAt: $at, calls: $this->calls + 1);
    }

    /** @throws TapSetAside when no longer in the line; two devices out of reach of each other may both have taken the child */
    public function seated(int $chair, Face $face): self
    {
        if ($this->status === TicketStatus::Seated) {
            throw TapSetAside::because("{$this->label()} was seated twice: chair {$this->chair} kept it.");
        }
        $this->refuseUnlessInLine();

        return $this->with(status: TicketStatus::Seated, chair: $chair, face: $face);
    }

    /**
     * @param  callable(Face): Face  $paint
     *
     * @throws TapSetAside when not in a chair
     */
    public function painted(callable $paint): self
    {
        if ($this->status !== TicketStatus::Seated || $this->face === null) {
            throw $this->cannot();
        }

        return $this->with(face: $paint($this->face));
    }

    /** Of another mind by now. */
    public function asking(string $design): self
    {
        return $this->with(design: $design);
    }

    /** @throws TapSetAside when not in a chair */
    public function finished(Instant $at): self
    {
        if ($this->status !== TicketStatus::Seated) {
            throw $this->cannot();
        }

        return $this->with(status: TicketStatus::Finished, endedAt: $at);
    }

    /**
     * Out of the line or the chair without a finished face.
     *
     * @throws TapSetAside when gone before, or when the state is only for those still in the line
     */
    public function gone(TicketStatus $how, Instant $at): self
    {
        $seatedMayLeave = $how === TicketStatus::Left && $this->status === TicketStatus::Seated;
        if (! $this->status->isInLine() && ! $seatedMayLeave) {
            throw $this->cannot();
        }

        return $this->with(status: $how, endedAt: $at);
    }

    /**
     * In the chair, or after it.
     *
     * @throws TapSetAside when not painted
     */
    public function paid(Paid $paid, Instant $at): self
    {
        if ($this->status !== TicketStatus::Finished && $this->status !== TicketStatus::Seated) {
            throw $this->cannot();
        }
        $isOpen = $this->status === TicketStatus::Seated && $this->face?->paintedAt !== null
            && ! in_array(AfterFace::Pay, array_column($this->face->parts, 'part'), true);

        return $this->with(paid: $paid, face: $isOpen ? $this->face->partDone(AfterFace::Pay, $at) : $this->face);
    }

    /** @throws TapSetAside when that step was not painted */
    public function mended(string $step, Duration $spent): self
    {
        return $this->face === null ? throw $this->cannot() : $this->with(face: $this->face->mended($step, $spent));
    }

    /** As it is said aloud: "No. 27 Noor", "No. 28". */
    public function label(): string
    {
        return rtrim("No. {$this->number} {$this->firstName}");
    }

    private function refuseUnlessInLine(): void
    {
        if (! $this->status->isInLine()) {
            throw $this->cannot();
        }
    }

    private function cannot(): TapSetAside
    {
        return TapSetAside::because("{$this->label()} {$this->status->phrase()}.");
    }

    private function with(mixed ...$changes): self
    {
        /**
         * @var array{
         *     id: string, number: int, firstName: string|null, design: string, rank: float, status: TicketStatus,
         *     joinedAt: Instant, calledAt: Instant|null, chair: int|null, face: Face|null, endedAt: Instant|null,
         *     party: string|null, wish: string|null, note: string|null, calls: int, paid: Paid|null
         * } $values
         */
        $values = [...get_object_vars($this), ...$changes];

        return new self(...$values);
    }
}
