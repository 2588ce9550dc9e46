<?php

declare(strict_types=1);

namespace Core\Plan\Checklist;

/** One thing to look at before the day. */
final readonly class Check
{
    /**
     * @param  bool  $isFine  whether nothing is left to do
     * @param  string  $says  with this event's own numbers
     */
    public function __construct(public CheckKind $kind, public bool $isFine, public string $says) {}
}
