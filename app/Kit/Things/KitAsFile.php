<?php

declare(strict_types=1);

namespace App\Kit\Things;

use App\Models\Account\User;
use App\Models\Kit\KitItem;
use Core\Kit\ItemValues;

/** The kit of a team in the open format, as JSON text: schemas/kit.v1.schema.json. */
final readonly class KitAsFile
{
    public function __invoke(string $teamId): string
    {
        $names = User::ofTeam($teamId)->pluck('name', 'id')->all();
        $things = [];
        foreach (KitItem::ofTeam($teamId)->orderBy('kind')->orderBy('name')->orderBy('id')->get() as $thing) {
            $bag = $names[$thing->owner_id ?? ''] ?? null;
            $things[] = [...ItemValues::of($thing->toCore()), ...($bag === null ? [] : ['bag' => $bag])];
        }

        return json_encode($things, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }
}
