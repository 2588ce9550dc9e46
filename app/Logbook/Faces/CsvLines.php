<?php

declare(strict_types=1);

namespace App\Logbook\Faces;

/** Lines of a table for a spreadsheet: RFC 4180. */
final readonly class CsvLines
{
    /** @param  iterable<list<string>>  $rows */
    public static function of(iterable $rows): string
    {
        $out = fopen('php://temp', 'r+');
        assert($out !== false);
        foreach ($rows as $row) {
            fputcsv($out, array_map(self::safe(...), $row), escape: '', eol: "\r\n");
        }
        rewind($out);

        return (string) stream_get_contents($out);
    }

    /** A spreadsheet runs what begins like a formula: it is told that it is text. Source: OWASP, "CSV Injection". */
    private static function safe(string $value): string
    {
        return preg_match('/^[=+\-@\t\r]/', $value) === 1 && ! is_numeric($value) ? "'{$value}" : $value;
    }
}
