<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Models\KitItem;
use App\Models\User;
use Core\Kit\Item;
use Core\Kit\ItemValues;

/**
 * Puts a shipped kit into a team's, leaving out what it has already by name.
 *
 * @phpstan-import-type Values from ItemValues
 */
final readonly class AddShippedKit
{
    private const STARTER = 'starter/kit.json';

    public function __construct(private AddThing $addThing) {}

    /** @param  string  $file  of the shipped kits, under database/ */
    public function __invoke(User $painter, string $file = self::STARTER): void
    {
        /** @var list<string> $names */
        $names = KitItem::ofTeam($painter->team_id)->pluck('name')->all();
        $known = array_map(mb_strtolower(...), $names);
        /** @var list<Values> $things */
        $things = json_decode((string) file_get_contents(database_path($file)), true, flags: JSON_THROW_ON_ERROR);
        $new = array_filter($things, static fn (array $thing): bool => ! in_array(mb_strtolower($thing['name']), $known, true));

        ($this->addThing)($painter, ...array_map(static fn (array $thing): Item => ItemValues::read('', $thing), array_values($new)));
    }
}
