<?php

declare(strict_types=1);

namespace Core\Design\Wording;

/** Something that a line did not say and that was taken from elsewhere, with the reason, so that it can be changed. */
final readonly class Assumption
{
    /**
     * @param  PartKind  $of  what of the step it is
     * @param  string  $value  as words
     * @param  string  $because  a few words: where it was taken from
     * @param  list<Choice>  $choices  other things it could be
     */
    public function __construct(public PartKind $of, public string $value, public string $because, public array $choices = []) {}
}
