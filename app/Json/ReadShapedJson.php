<?php

declare(strict_types=1);

namespace App\Json;

use App\Exceptions\InvalidShape;
use JsonException;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/** Reads JSON of a published shape: schemas/. */
final readonly class ReadShapedJson
{
    private const DEPTH = 32;

    private const MOST_BYTES = 5_000_000;

    /**
     * @param  string  $schema  its file's name
     * @return array<string, mixed>
     *
     * @throws InvalidShape naming the path inside the file and the reason
     */
    public function __invoke(string $json, string $schema): array
    {
        if (strlen($json) > self::MOST_BYTES) {
            throw InvalidShape::notJson('larger than 5 MB, which no such file is');
        }
        try {
            // Gone again before it is read a second time, as arrays.
            $this->check(NormaliseNumbers::of(json_decode($json, false, self::DEPTH, JSON_THROW_ON_ERROR)), $schema);
            /** @var array<string, mixed> $values */
            $values = NormaliseNumbers::of(json_decode($json, true, self::DEPTH, JSON_THROW_ON_ERROR));
        } catch (JsonException $broken) {
            throw InvalidShape::notJson($broken->getCode() === JSON_ERROR_UTF8
                ? 'its letters are no UTF-8. Take the file as it was given out, or save it again as UTF-8'
                : lcfirst($broken->getMessage()));
        }

        return $values;
    }

    private function check(mixed $file, string $schema): void
    {
        $shape = (string) file_get_contents(base_path("schemas/{$schema}"));
        $error = (new Validator)->validate($file, (object) json_decode($shape, false, self::DEPTH, JSON_THROW_ON_ERROR))->error();
        if ($error === null) {
            return;
        }
        $deepest = $this->deepest($error);
        $path = '/'.implode('/', array_map(strval(...), $deepest->data()->fullPath()));

        throw InvalidShape::at($path, lcfirst((new ErrorFormatter)->formatErrorMessage($deepest)));
    }

    private function deepest(ValidationError $error): ValidationError
    {
        /** @var list<ValidationError> $inner */
        $inner = $error->subErrors();

        return $inner === [] ? $error : $this->deepest($inner[0]);
    }
}
