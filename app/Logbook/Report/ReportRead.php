<?php

declare(strict_types=1);

namespace App\Logbook\Report;

use App\Plan\Days\DayFacts;
use App\Plan\Packing\StockRead;
use Core\Line\Ahead\KeptPromise;
use Core\Plan\Report\DayReport;

/**
 * A day as its painters look back on it.
 *
 * @phpstan-import-type ReportPractice from DayReportShown
 */
final readonly class ReportRead
{
    /**
     * @param  list<KeptPromise>  $promises  of when a child is called, of some spread over the day
     * @param  array<string, int>  $lost  children who went unpainted, by how
     * @param  list<ReportPractice>  $practise  what wins most first
     * @param  StockRead|null  $stock  null where nothing was painted
     */
    public function __construct(
        public DayFacts $day,
        public DayReport $report,
        public array $promises,
        public array $lost,
        public array $practise,
        public ?StockRead $stock,
    ) {}
}
