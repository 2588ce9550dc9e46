<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Http\Resources\Resource;
use Core\Kit\ItemKind;

/** A thing to lay out on the table, and the numbers of the steps that take it up. */
final readonly class TableThing extends Resource
{
    /** @param  list<int>  $steps */
    public function __construct(public string $name, public ItemKind $kind, public ?string $hex, public bool $owned, public array $steps) {}
}
