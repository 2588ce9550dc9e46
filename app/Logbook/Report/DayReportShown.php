<?php

declare(strict_types=1);

namespace App\Logbook\Report;

use App\Http\Resources\Resource;
use Core\Line\Ahead\KeptPromise;
use Core\Plan\Report\Change;
use Core\Plan\Report\GroupOfFaces;

/**
 * A day as its painters look back on it.
 *
 * @phpstan-type MinutesWent array{part: string, ms: int}
 * @phpstan-type ReportChange array{words: string, gainMs: int|null, cents: int|null}
 * @phpstan-type ReportRow array{name: string, faces: int, meanMs: int, kept: int, cents: int, centsAnHour: int}
 * @phpstan-type ReportPractice array{painter: string, design: string, step: string, times: int, takesMs: int, winMs: int}
 */
final readonly class DayReportShown extends Resource
{
    /**
     * @param  int  $lost  children who gave up waiting, did not come, or left half-way
     * @param  int  $promised  finished faces that something was promised of
     * @param  int  $kept  those painted within it
     * @param  int  $looked  children whose call was looked at
     * @param  int  $calledInTime  those called when it was said
     * @param  list<MinutesWent>  $minutes  where the minutes of the chairs went
     * @param  list<ReportRow>  $designs
     * @param  list<ReportRow>  $painters
     * @param  list<ReportChange>  $changes  what gains most first
     * @param  list<ReportPractice>  $practise  what wins most first
     * @param  list<ReportStock>  $stock  what has to be bought first
     */
    public function __construct(
        public int $faces,
        public int $lost,
        public int $cents,
        public int $promised,
        public int $kept,
        public int $looked,
        public int $calledInTime,
        public int $waitMs,
        public array $minutes,
        public array $designs,
        public array $painters,
        public array $changes,
        public array $practise,
        public array $stock,
    ) {}

    public static function of(ReportRead $read): self
    {
        $report = $read->report;
        $waits = array_map(static fn (KeptPromise $one): int => $one->waited->milliseconds, $read->promises);
        $minutes = $report->minutes();

        return new self(
            faces: count($report->finished),
            lost: array_sum($read->lost),
            cents: array_sum(array_map(static fn (GroupOfFaces $design): int => $design->cents(), $report->designs)),
            promised: $report->promised(),
            kept: $report->kept(),
            looked: count($read->promises),
            calledInTime: count(array_filter($read->promises, static fn (KeptPromise $one): bool => $one->isKept)),
            waitMs: $waits === [] ? 0 : intdiv(array_sum($waits), count($waits)),
            minutes: array_map(
                static fn (string $part, int $ms): array => ['part' => $part, 'ms' => $ms],
                array_map(strval(...), array_keys($minutes)),
                array_values($minutes),
            ),
            designs: array_map(self::row(...), $report->designs),
            painters: array_map(self::row(...), $report->painters),
            changes: array_map(
                static fn (Change $change): array => [
                    'words' => $change->words, 'gainMs' => $change->gain?->milliseconds, 'cents' => $change->cents,
                ],
                $report->changes(),
            ),
            practise: $read->practise,
            stock: ReportStock::of($read->stock),
        );
    }

    /** @return ReportRow the faces of one design or one painter */
    private static function row(GroupOfFaces $group): array
    {
        return [
            'name' => $group->name,
            'faces' => count($group->faces),
            'meanMs' => $group->mean(),
            'kept' => $group->kept(),
            'cents' => $group->cents(),
            'centsAnHour' => $group->centsAnHour(),
        ];
    }
}
