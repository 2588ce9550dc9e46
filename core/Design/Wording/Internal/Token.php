<?php

declare(strict_types=1);

namespace Core\Design\Wording\Internal;

/** A word, a number, a quoted stretch or a comma of a typed step. */
final readonly class Token
{
    /**
     * @param  bool  $opensClause  whether it is the first one or stands behind a comma
     * @param  string|null  $quoted  what stands inside, for a quoted stretch
     */
    public function __construct(
        public string $text,
        public int $start,
        public int $length,
        public bool $opensClause,
        public ?string $quoted,
    ) {}

    public function end(): int
    {
        return $this->start + $this->length;
    }
}
