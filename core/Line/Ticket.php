<?php

declare(strict_types=1);

namespace Core\Line;

use Core\Units\Instant;

/** A child's place in the line. */
final readonly class Ticket
{
    /**
     * @param  float  $rank  place in the line, smallest first; ties go by number
     * @param  string  $design  id of the design asked for
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
    ) {}

    public static function join(string $id, int $number, ?string $firstName, string $design, Instant $at): self
    {
        return new self(
            id: $id,
            number: $number,
            firstName: $firstName,
            design: $design,
            rank: (float) $number,
            status: TicketStatus::Waiting,
            joinedAt: $at,
        );
    }

    /** @throws TapSetAside when no longer in the line */
    public function changed(?string $firstName, string $design): self
    {
        $this->refuseUnlessInLine();

        return $this->with(firstName: $firstName, design: $design);
    }

    /** @throws TapSetAside when no longer in the line */
    public function moved(float $rank): self
    {
        $this->refuseUnlessInLine();

        return $this->with(rank: $rank);
    }

    /** @throws TapSetAside when called before or no longer in the line */
    public function called(Instant $at): self
    {
        if ($this->status !== TicketStatus::Waiting) {
            throw $this->cannot();
        }

        return $this->with(status: TicketStatus::Called, calledAt: $at);
    }

    /** @throws TapSetAside when no longer in the line */
    public function seated(int $chair, Face $face): self
    {
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
         *     joinedAt: Instant, calledAt: Instant|null, chair: int|null, face: Face|null, endedAt: Instant|null
         * } $values
         */
        $values = [...get_object_vars($this), ...$changes];

        return new self(...$values);
    }
}
