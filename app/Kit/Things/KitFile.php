<?php

declare(strict_types=1);

namespace App\Kit\Things;

use App\Exceptions\InvalidShape;
use App\Json\ReadShapedJson;
use App\Models\Account\User;
use App\Models\Kit\KitItem;
use Core\Kit\Item;
use Core\Kit\ItemValues;
use Core\Kit\Kit;
use Core\Team\Role;
use Core\Units\CoreException;
use Illuminate\Database\UniqueConstraintViolationException;
use Normalizer;

/**
 * A kit as a file, and out of one.
 *
 * @phpstan-import-type Values from ItemValues
 *
 * @phpstan-type Thing array{kind: string, name: string, bag?: string}
 */
final readonly class KitFile
{
    public const SHAPE = 'kit.v1.schema.json';

    private const STARTER = 'starter/kit.json';

    public function __construct(private ReadShapedJson $readShapedJson, private KitThings $kitThings) {}

    /**
     * Reads a kit file: JSON, then its published schema, then the meaning.
     *
     *
     *
     * @param  array<string, string>  $painters  ids by name in small letters, whose bags a thing may be in
     *
     * @throws InvalidShape naming the path inside the file and the reason
     */
    public function read(string $json, array $painters = []): Kit
    {
        $items = [];
        foreach (array_values(($this->readShapedJson)($json, self::SHAPE)) as $at => $thing) {
            /** @var Thing $thing nothing but what the schema lets through */
            $items[] = self::thing($at, [...$thing, 'ownerId' => $painters[mb_strtolower($thing['bag'] ?? '')] ?? '']);
        }

        return new Kit($items);
    }

    /** @param  Values  $values */
    private static function thing(int $at, array $values): Item
    {
        try {
            return ItemValues::read((string) $at, $values);
        } catch (CoreException $refusal) {
            throw InvalidShape::at("/{$at}", $refusal->getMessage());
        }
    }

    /** The kit of a team in the open format, as JSON text: schemas/kit.v1.schema.json. */
    public function write(string $teamId): string
    {
        $names = User::ofTeam($teamId)->pluck('name', 'id')->all();
        $things = [];
        foreach (KitItem::ofTeam($teamId)->orderBy('kind')->orderBy('name')->orderBy('id')->get() as $thing) {
            $bag = $names[$thing->owner_id ?? ''] ?? null;
            $things[] = [...ItemValues::of($thing->toCore()), ...($bag === null ? [] : ['bag' => $bag])];
        }

        return json_encode($things, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }

    /**
     * Puts the things of a kit file into a team's kit, leaving out what is in that bag already by its name.
     *
     * @throws InvalidShape naming the path inside the file and the reason
     */
    public function bringIn(User $painter, string $json): void
    {
        /** @var array<string, string> $names */
        $names = User::ofTeam($painter->team_id)->whereNot('role', Role::Helper)->orderByDesc('id')->pluck('name', 'id')->all();
        $painters = array_flip(array_map(mb_strtolower(...), $names));
        $known = [];
        foreach (KitItem::ofTeam($painter->team_id)->get(['owner_id', 'name']) as $thing) {
            $known[self::key($thing->owner_id ?? '', $thing->name)] = true;
        }
        $new = [];
        foreach ($this->read($json, $painters)->items as $item) {
            $new += isset($known[self::key($item->owner, $item->name)]) ? [] : [self::key($item->owner, $item->name) => $item];
        }
        try {
            $this->kitThings->add($painter, ...array_values($new));
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
        $this->bringIn($painter, (string) file_get_contents(database_path($file)));
    }
}
