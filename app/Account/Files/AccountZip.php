<?php

declare(strict_types=1);

namespace App\Account\Files;

use App\Exceptions\InvalidAccountFile;
use App\Exceptions\InvalidShape;
use App\Json\ReadShapedJson;
use Generator;
use JsonException;
use ZipArchive;

/** The file of an account, read a row at a time: what is in it may be larger than what one may hold. */
final class AccountZip
{
    private const MOST_BYTES = 1_500_000_000;

    /** Of an event, which is held whole while it is looked at. */
    private const MOST_BYTES_OF_EVENT = 60_000_000;

    /** In a table of an event; a day of a thousand faces has some twelve thousand taps. */
    private const MOST_ROWS_OF_EVENT = 20_000;

    private const MOST_ROW_BYTES = 5_000_000;

    private const DEPTH = 32;

    /** @param  array<string, int>  $counts  rows by table, as the file says */
    private function __construct(private readonly ZipArchive $zip, private readonly array $counts) {}

    /** @throws InvalidAccountFile when it is no such file, or of a newer release */
    public static function open(string $path, ReadShapedJson $readShapedJson): self
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw InvalidAccountFile::because('That is no zip. Take the file as it was given out, without unpacking it.');
        }
        try {
            /** @var array{tables: array<string, int>} $manifest */
            $manifest = $readShapedJson((string) $zip->getFromName('manifest.json', self::MOST_ROW_BYTES), 'account.v1.schema.json');
        } catch (InvalidShape $refusal) {
            throw InvalidAccountFile::because("manifest.json in that zip: {$refusal->getMessage()}");
        }

        $opened = new self($zip, $manifest['tables']);
        if ($opened->bytes() > ($opened->isOfEvent() ? self::MOST_BYTES_OF_EVENT : self::MOST_BYTES)) {
            throw InvalidAccountFile::because($opened->isOfEvent()
                ? 'Unpacked, that file is larger than an event can be.'
                : 'Unpacked, that file is larger than an account can be.');
        }

        return $opened;
    }

    /**
     * Lays what comes in down as a file for as long as it is read.
     *
     * @template T
     *
     * @param  resource  $stream
     * @param  callable(string): T  $read  given its path
     * @return T
     */
    public static function inPassing($stream, callable $read): mixed
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'inch-account-');
        try {
            file_put_contents($path, $stream);

            return $read($path);
        } finally {
            unlink($path);
        }
    }

    /** Whether it holds one event, rather than all that is a team's. */
    public function isOfEvent(): bool
    {
        return ($this->counts['teams'] ?? 0) === 0;
    }

    /**
     * @return Generator<int, array<string, scalar|null>> by the number of the line, from 1
     *
     * @throws InvalidAccountFile naming the line that is no row of that table
     */
    public function rows(AccountTable $table): Generator
    {
        if (! isset($this->counts[$table->name])) {
            // An older release had no such table.
            return;
        }
        $name = "tables/{$table->name}.jsonl";
        $stream = $this->zip->getStream($name);
        if ($stream === false) {
            throw InvalidAccountFile::because("{$name} is missing in that zip.");
        }
        $number = 0;
        while (($line = stream_get_line($stream, self::MOST_ROW_BYTES, "\n")) !== false) {
            $number++;
            if ($number > self::MOST_ROWS_OF_EVENT && $this->isOfEvent()) {
                throw InvalidAccountFile::because("{$name} holds more than an event can.");
            }
            if ($line === '') {
                throw InvalidAccountFile::because("{$name}, line {$number} is empty. Take the file as it was given out.");
            }
            yield $number => self::known($table, self::row($line, "{$name}, line {$number}"), "{$name}, line {$number}");
        }
        fclose($stream);
    }

    /** The name in the zip of a design's photo. */
    public static function photoName(string $designId): string
    {
        return "photos/{$designId}.jpg";
    }

    /** @throws InvalidAccountFile where the zip lacks it */
    public function photo(string $designId): string
    {
        $name = self::photoName($designId);
        $bytes = $this->zip->getFromName($name, self::MOST_ROW_BYTES);

        return is_string($bytes) ? $bytes : throw InvalidAccountFile::because("{$name} is missing in that zip.");
    }

    /** Unpacked. */
    private function bytes(): int
    {
        $bytes = 0;
        for ($at = 0; $at < $this->zip->count(); $at++) {
            $bytes += $this->zip->statIndex($at)['size'] ?? 0;
        }

        return $bytes;
    }

    /**
     * @param  array<string, scalar|null>  $row
     * @return array<string, scalar|null>
     */
    private static function known(AccountTable $table, array $row, string $place): array
    {
        $more = array_diff(array_keys($row), $table->columns());
        if ($more !== []) {
            throw InvalidAccountFile::because(
                "{$place} says ".reset($more).', which is not known here. The file may be of a newer release.',
            );
        }
        $misspelt = $table->misspelt($row);
        if ($misspelt !== null) {
            throw InvalidAccountFile::because("{$place}: {$misspelt} is not an id.");
        }

        return $row;
    }

    /** @return array<string, scalar|null> */
    private static function row(string $line, string $place): array
    {
        try {
            $row = json_decode($line, true, self::DEPTH, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw InvalidAccountFile::because("{$place} is no JSON.");
        }
        $values = [];
        foreach (is_array($row) ? $row : throw InvalidAccountFile::because("{$place} is no object.") as $column => $value) {
            if (! is_string($column) || ($value !== null && ! is_scalar($value))) {
                throw InvalidAccountFile::because("{$place} holds more than names and plain values.");
            }
            $values[$column] = $value;
        }

        return $values;
    }
}
