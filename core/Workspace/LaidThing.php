<?php

declare(strict_types=1);

namespace Core\Workspace;

use Core\Kit\ItemKind;

/** A thing on the table, and the steps that take it up. */
final readonly class LaidThing
{
    /**
     * @param  string|null  $hex  of a paint
     * @param  list<int>  $steps  by their numbers, the first being 1
     */
    public function __construct(
        public string $name,
        public ItemKind $kind,
        public ?string $hex,
        public bool $isOwned,
        public array $steps,
    ) {}
}
