<?php

declare(strict_types=1);

namespace App\Kit\Things;

use App\Exceptions\InvalidShape;
use App\Models\Account\User;
use App\Models\Kit\KitItem;
use Core\Team\Role;
use Illuminate\Database\UniqueConstraintViolationException;
use Normalizer;

/** Puts the things of a kit file into a team's kit, leaving out what is in that bag already by its name. */
final readonly class BringInKit
{
    private const STARTER = 'starter/kit.json';

    public function __construct(private ReadKitFile $readKitFile, private AddThing $addThing) {}

    /** @throws InvalidShape naming the path inside the file and the reason */
    public function __invoke(User $painter, string $json): void
    {
        /** @var array<string, string> $names */
        $names = User::ofTeam($painter->team_id)->whereNot('role', Role::Helper)->orderByDesc('id')->pluck('name', 'id')->all();
        $painters = array_flip(array_map(mb_strtolower(...), $names));
        $known = [];
        foreach (KitItem::ofTeam($painter->team_id)->get(['owner_id', 'name']) as $thing) {
            $known[self::key($thing->owner_id ?? '', $thing->name)] = true;
        }
        $new = [];
        foreach (($this->readKitFile)($json, $painters)->items as $item) {
            $new += isset($known[self::key($item->owner, $item->name)]) ? [] : [self::key($item->owner, $item->name) => $item];
        }
        try {
            ($this->addThing)($painter, ...array_values($new));
        } catch (UniqueConstraintViolationException) {
            throw InvalidShape::at('/', 'two things have the same name but for a sign. Call one of them otherwise.');
        }
    }

    /** Capitals and accents tell no names apart, as the table has it. */
    private static function key(string $bag, string $name): string
    {
        $letters = Normalizer::normalize($name, Normalizer::NFD);

        return $bag.' '.mb_strtolower(trim((string) preg_replace('/\p{Mn}/u', '', is_string($letters) ? $letters : $name)));
    }

    /** @param  string  $file  of the shipped kits, under database/ */
    public function shipped(User $painter, string $file = self::STARTER): void
    {
        $this($painter, (string) file_get_contents(database_path($file)));
    }
}
