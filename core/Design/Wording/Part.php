<?php

declare(strict_types=1);

namespace Core\Design\Wording;

/** A stretch of a typed step and what it was understood as. */
final readonly class Part
{
    /**
     * @param  int  $start  in characters from the beginning of the text
     * @param  int  $length  in characters
     * @param  mixed  $value  a Medium, Zone, Side, Colour, Duration, coats, or the text itself, as the kind has it
     * @param  bool  $opensClause  whether it is the first one or stands behind a comma or the like
     * @param  string  $spoken  its words in small letters, in English, without slips
     */
    public function __construct(
        public PartKind $kind,
        public int $start,
        public int $length,
        public mixed $value,
        public bool $opensClause = false,
        public string $spoken = '',
    ) {}

    /** So many characters further on. */
    public function shifted(int $characters): self
    {
        return new self(
            kind: $this->kind,
            start: $this->start + $characters,
            length: $this->length,
            value: $this->value,
            opensClause: $this->opensClause,
            spoken: $this->spoken,
        );
    }

    public function end(): int
    {
        return $this->start + $this->length;
    }
}
