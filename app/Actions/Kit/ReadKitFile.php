<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Exceptions\InvalidKitFile;
use Core\Kit\Item;
use Core\Kit\ItemKind;
use Core\Kit\ItemValues;
use Core\Kit\Kit;
use Core\Units\CoreException;
use JsonException;
use TypeError;
use ValueError;

/** Reads a kit file: a JSON list of things, as database/demo/kit.json has them. */
final readonly class ReadKitFile
{
    private const DEPTH = 16;

    /** @throws InvalidKitFile naming the thing and the reason */
    public function __invoke(string $json): Kit
    {
        try {
            $things = json_decode($json, true, self::DEPTH, JSON_THROW_ON_ERROR);
        } catch (JsonException $broken) {
            throw InvalidKitFile::because('not JSON: '.lcfirst($broken->getMessage()));
        }
        if (! is_array($things) || ! array_is_list($things)) {
            throw InvalidKitFile::because('not a list of things');
        }

        return new Kit(array_map($this->thing(...), $things, array_keys($things)));
    }

    private function thing(mixed $values, int $at): Item
    {
        $isThing = is_array($values) && is_string($values['name'] ?? null) && is_string($values['kind'] ?? null);
        if (! $isThing || ItemKind::tryFrom($values['kind']) === null) {
            throw InvalidKitFile::at($at, 'a thing has a "name" and a "kind": '.implode(', ', array_column(ItemKind::cases(), 'value')));
        }
        try {
            /** @var array{kind: string, name: string} $values */
            return ItemValues::read((string) $at, $values);
        } catch (CoreException|TypeError|ValueError $refusal) {
            throw InvalidKitFile::at(
                $at,
                $refusal instanceof CoreException ? $refusal->getMessage() : "“{$values['name']}” has a value of the wrong kind",
            );
        }
    }
}
