<?php

declare(strict_types=1);

namespace App\Kit\Things;

use App\Exceptions\InvalidShape;
use App\Json\ReadShapedJson;
use Core\Kit\Item;
use Core\Kit\ItemValues;
use Core\Kit\Kit;
use Core\Units\CoreException;

/**
 * Reads a kit file: JSON, then its published schema, then the meaning.
 *
 * @phpstan-import-type Values from ItemValues
 *
 * @phpstan-type Thing array{kind: string, name: string, bag?: string}
 */
final readonly class ReadKitFile
{
    public const SHAPE = 'kit.v1.schema.json';

    public function __construct(private ReadShapedJson $readShapedJson) {}

    /**
     * @param  array<string, string>  $painters  ids by name in small letters, whose bags a thing may be in
     *
     * @throws InvalidShape naming the path inside the file and the reason
     */
    public function __invoke(string $json, array $painters = []): Kit
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
}
