<?php

declare(strict_types=1);

namespace App\Kit\Things;

use Core\Kit\Item;

/** Which designs use a thing, and what could take its place. */
final readonly class UsesRead
{
    /**
     * @param  list<array{id: string, name: string, steps: list<string>}>  $designs  with their steps by name
     * @param  list<Item>  $instead
     */
    public function __construct(public array $designs, public array $instead) {}
}
