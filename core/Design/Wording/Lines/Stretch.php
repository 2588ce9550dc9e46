<?php

declare(strict_types=1);

namespace Core\Design\Wording\Lines;

use Core\Units\Duration;

/** The piece of a line that speaks of one step. */
final readonly class Stretch
{
    /**
     * @param  int  $start  in characters from the beginning of the line
     * @param  string  $text  as long as the piece; what is no words of the step is blanks
     * @param  Duration|null  $time  from a column or a time mark
     * @param  bool  $isLast  of a list with time marks: how long it takes is not said
     */
    public function __construct(public int $start, public string $text, public ?Duration $time = null, public bool $isLast = false) {}

    public function withTime(?Duration $time, bool $isLast): self
    {
        return new self($this->start, $this->text, $time, $isLast);
    }

    public function end(): int
    {
        return $this->start + mb_strlen($this->text);
    }
}
