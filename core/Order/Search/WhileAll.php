<?php

declare(strict_types=1);

namespace Core\Order\Search;

/** Goes on while all of these would. */
final readonly class WhileAll implements Watch
{
    /** @var list<Watch> */
    private array $watches;

    public function __construct(Watch ...$watches)
    {
        $this->watches = array_values($watches);
    }

    public function goesOn(Outcome $soFar): bool
    {
        return array_filter($this->watches, static fn (Watch $watch): bool => ! $watch->goesOn($soFar)) === [];
    }
}
