<?php

declare(strict_types=1);

namespace Core\Design\Wording\Lines;

use Core\Design\Wording\LineKind;

/** A line of a pasted list, as far as its form tells what it is. */
final readonly class Line
{
    /**
     * @param  int  $number  1 for the first one of the list, blank ones counted
     * @param  list<Stretch>  $stretches  a step each; none for what is no step
     * @param  string  $says  of a heading its words, of a placement its name
     */
    public function __construct(
        public int $number,
        public string $text,
        public LineKind $kind,
        public array $stretches,
        public string $says = '',
    ) {}

    public function asHeading(): self
    {
        return new self(number: $this->number, text: $this->text, kind: LineKind::Heading, stretches: [], says: trim($this->text));
    }

    /** @param  list<Stretch>  $stretches */
    public function withStretches(array $stretches): self
    {
        return new self(number: $this->number, text: $this->text, kind: $this->kind, stretches: $stretches, says: $this->says);
    }
}
