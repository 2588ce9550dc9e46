<?php

declare(strict_types=1);

namespace Core\Order;

/** A rule of the craft. It either orders steps, or looks at the painted face, or both. */
interface Rule
{
    /** Lower case with hyphens; never changes. */
    public function id(): string;

    /** A few words, as a heading. */
    public function title(): string;

    public function severity(): Severity;

    /** The school that wants the rule; null where all agree. Rules of other schools are not asked. */
    public function school(): ?School;
}
