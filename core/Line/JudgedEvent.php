<?php

declare(strict_types=1);

namespace Core\Line;

/** An event with what became of it in the line that was folded from all the events of its day. */
final readonly class JudgedEvent
{
    /**
     * @param  float|null  $rank  where a Moved put its child, which also hangs on children who went long ago
     * @param  string|null  $aside  why it changed nothing
     */
    public function __construct(public LineEvent $event, public ?float $rank = null, public ?string $aside = null) {}
}
