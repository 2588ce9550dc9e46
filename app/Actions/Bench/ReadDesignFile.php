<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use Core\Design\Design;
use Core\Design\DesignFile;
use Core\Design\InvalidDesignFile;
use JsonException;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/** Reads a design file: JSON, then its published schema, then the meaning. */
final readonly class ReadDesignFile
{
    private const DEPTH = 32;

    private const MOST_BYTES = 5_000_000;

    /**
     * @return list<Design>
     *
     * @throws InvalidDesignFile naming the path inside the file and the reason
     */
    public function __invoke(string $json): array
    {
        if (strlen($json) > self::MOST_BYTES) {
            throw InvalidDesignFile::notJson('larger than 5 MB, which no design file is');
        }
        try {
            $file = json_decode($json, false, self::DEPTH, JSON_THROW_ON_ERROR);
            $this->checkShape($file);
            /** @var array{designs: list<array<string, mixed>>} $values */
            $values = json_decode($json, true, self::DEPTH, JSON_THROW_ON_ERROR);
        } catch (JsonException $broken) {
            throw InvalidDesignFile::notJson(lcfirst($broken->getMessage()));
        }

        return DesignFile::read($values);
    }

    private function checkShape(mixed $file): void
    {
        $schema = (string) file_get_contents(base_path('schemas/design.v5.schema.json'));
        $result = (new Validator)->validate($file, (object) json_decode($schema, false, self::DEPTH, JSON_THROW_ON_ERROR));
        $error = $result->error();
        if ($error === null) {
            return;
        }
        $deepest = $this->deepest($error);
        $path = '/'.implode('/', array_map(strval(...), $deepest->data()->fullPath()));

        throw InvalidDesignFile::at($path, lcfirst((new ErrorFormatter)->formatErrorMessage($deepest)));
    }

    private function deepest(ValidationError $error): ValidationError
    {
        /** @var list<ValidationError> $inner */
        $inner = $error->subErrors();

        return $inner === [] ? $error : $this->deepest($inner[0]);
    }
}
