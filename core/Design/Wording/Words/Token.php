<?php

declare(strict_types=1);

namespace Core\Design\Wording\Words;

/** A word, a number, a sign or a quoted stretch of a typed step. */
final readonly class Token
{
    /**
     * @param  string  $text  in small letters, in English
     * @param  int  $start  in characters
     * @param  int  $length  in characters
     * @param  bool  $opensClause  whether it is the first one or stands behind a comma or the like
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
