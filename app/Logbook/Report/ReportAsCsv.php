<?php

declare(strict_types=1);

namespace App\Logbook\Report;

use App\Logbook\Faces\CsvLines;
use App\Logbook\Faces\LoggedFace;
use App\Logbook\Faces\LogOfDay;
use App\Models\Plan\EventDay;
use Core\Plan\Report\FaceTimes;

/** The faces of a day, one to a line, for a spreadsheet: RFC 4180. */
final readonly class ReportAsCsv
{
    private const HEAD = [
        'number', 'design', 'painter', 'finished', 'seated', 'greeting_s', 'painting_s', 'tools_s', 'after_s', 'planned_s', 'promised_s',
        'paid',
    ];

    public function __construct(private ReportOfDay $report, private LogOfDay $log) {}

    public function __invoke(EventDay $day): string
    {
        $faces = ($this->report)($day)->report->faces;
        $logged = ($this->log)($day)->faces;

        return CsvLines::of([
            self::HEAD,
            ...array_map(static fn (FaceTimes $face, int $at): array => self::line($logged[$at], $face), $faces, array_keys($faces)),
        ]);
    }

    /** @return list<string> */
    private static function line(LoggedFace $logged, FaceTimes $face): array
    {
        $seconds = static fn (?int $ms): string => $ms === null ? '' : number_format($ms / 1000, 1, '.', '');

        return [
            (string) $logged->number, $face->design, $face->painter ?? '', $face->isFinished ? 'yes' : 'no',
            gmdate('Y-m-d\TH:i:s\Z', intdiv($logged->seatedAt, 1000)), $seconds($face->greeted), $seconds($face->painted),
            $seconds($face->tools), $seconds(array_sum($face->after)), $seconds($face->planned), $seconds($face->promised),
            $face->cents === null ? '' : (string) $face->cents,
        ];
    }
}
