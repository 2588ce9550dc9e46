<?php

declare(strict_types=1);

namespace App\Logbook\Faces;

use App\Exceptions\InvalidLogFile;
use Core\Pace\LogLine;
use Core\Units\Duration;
use DateTimeImmutable;
use Exception;

/** Reads a log as CSV (RFC 4180), as docs/guide/pace.md describes it. */
final readonly class ReadLogFile
{
    public const COLUMNS = ['painter', 'design', 'version', 'step', 'planned_seconds', 'at', 'spent_seconds', 'kind', 'interrupted'];

    private const NEEDED = ['painter', 'design', 'planned_seconds', 'at', 'spent_seconds'];

    /**
     * @return list<LogLine> the oldest first
     *
     * @throws InvalidLogFile naming the line and what is wrong with it
     */
    public function __invoke(string $csv): array
    {
        $lines = [];
        foreach ($this->records($csv) as $number => $record) {
            $at = $this->moment($record['at'] ?? '', $number);
            $lines[] = [$at, count($lines), $this->line($record, $number)];
        }
        usort($lines, static fn (array $one, array $other): int => [$one[0], $one[1]] <=> [$other[0], $other[1]]);

        return array_column($lines, 2);
    }

    /** @return array<int, array<string, string>> by number of the record, the first line being 1 */
    private function records(string $csv): array
    {
        if (! mb_check_encoding($csv, 'UTF-8')) {
            throw InvalidLogFile::encoding();
        }
        $file = fopen('php://temp', 'r+');
        assert($file !== false);
        fwrite($file, (string) preg_replace('/^\xEF\xBB\xBF/', '', $csv));
        rewind($file);
        $header = array_map(trim(...), self::row($file) ?? []);
        $missing = array_diff(self::NEEDED, $header);
        if ($missing !== []) {
            throw InvalidLogFile::columns($missing);
        }
        $records = [];
        for ($number = 2; ($row = self::row($file)) !== null; $number++) {
            if (count($row) > 1 || trim($row[0] ?? '') !== '') {
                $records[$number] = count($row) === count($header)
                    ? array_combine($header, array_map(trim(...), $row))
                    : throw InvalidLogFile::at($number, 'has '.count($row).' fields, the first line names '.count($header).'.');
            }
        }
        fclose($file);

        return $records;
    }

    /**
     * By RFC 4180, in which a quote within quotes is doubled and nothing else escapes.
     *
     * @param  resource  $file
     * @return list<string>|null null at the end
     */
    private static function row($file): ?array
    {
        $row = fgetcsv($file, null, ',', '"', '');

        return $row === false ? null : array_map(static fn (?string $field): string => $field ?? '', $row);
    }

    /** @param  array<string, string>  $record */
    private function line(array $record, int $number): LogLine
    {
        foreach (['painter', 'design'] as $column) {
            if (($record[$column] ?? '') === '') {
                throw InvalidLogFile::at($number, "{$column} is empty.");
            }
        }
        $kind = $record['kind'] ?? '';
        if (! in_array($kind, ['', 'face', 'practice'], true)) {
            throw InvalidLogFile::at($number, "kind is “{$kind}”. Write face or practice.");
        }
        $interrupted = strtolower($record['interrupted'] ?? '');
        if (! in_array($interrupted, ['', '0', '1', 'no', 'yes'], true)) {
            throw InvalidLogFile::at($number, "interrupted is “{$interrupted}”. Write yes or no.");
        }

        return new LogLine(
            painter: $record['painter'],
            design: $record['design'],
            version: $record['version'] ?? '',
            step: $record['step'] ?? '',
            planned: $this->seconds($record, 'planned_seconds', $number),
            spent: $this->seconds($record, 'spent_seconds', $number),
            isPractice: $kind === 'practice',
            isInterrupted: $interrupted === '1' || $interrupted === 'yes',
        );
    }

    /** @param  array<string, string>  $record */
    private function seconds(array $record, string $column, int $number): Duration
    {
        $text = $record[$column] ?? '';
        if (! is_numeric($text) || (float) $text <= 0.0 || (float) $text > 86_400) {
            throw InvalidLogFile::at($number, "{$column} is “{$text}”. Write seconds above 0, such as 48.5.");
        }

        return Duration::ofSeconds((float) $text);
    }

    private function moment(string $text, int $number): int
    {
        try {
            return $text === '' ? throw InvalidLogFile::at(
                $number,
                'at is empty. Write a time such as 2026-11-07T12:30:00Z.',
            ) : (int) (new DateTimeImmutable($text))->format('Uv');
        } catch (InvalidLogFile $refusal) {
            throw $refusal;
        } catch (Exception) {
            throw InvalidLogFile::at($number, "at is “{$text}”. Write a time such as 2026-11-07T12:30:00Z.");
        }
    }
}
