<?php

declare(strict_types=1);

namespace App\Bench\Advice;

use App\Http\Resources\Resource;
use Core\Kit\ItemKind;
use Core\Workspace\LaidThing;

/** A thing to lay out on the table, and the numbers of the steps that take it up. */
final readonly class TableThing extends Resource
{
    /** @param  list<int>  $steps */
    public function __construct(public string $name, public ItemKind $kind, public ?string $hex, public bool $owned, public array $steps) {}

    public static function of(LaidThing $thing): self
    {
        return new self(name: $thing->name, kind: $thing->kind, hex: $thing->hex, owned: $thing->isOwned, steps: $thing->steps);
    }
}
