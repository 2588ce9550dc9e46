<?php

declare(strict_types=1);

namespace Core\Order\Schools;

use Core\Design\Design;
use Core\Order\BestOrder;
use Core\Order\Circumstances;
use Core\Order\Craft\Catalogue;
use Core\Order\Craft\Fix;
use Core\Order\Craft\LooksAtFace;
use Core\Order\PaintedSequence;
use Core\Order\Search\Watch;
use Core\Order\Search\WhileAll;
use Core\Order\Search\WithinLabels;
use Core\Units\Duration;

/** What following a school costs on one design: its minutes in the best order, once the school's own rules have had their way. */
final readonly class SchoolCost
{
    /** Enough for the usual design; a longer one gets the best order found by then. */
    private const LABELS = 2_000;

    private const MOST_FIXES = 12;

    private function __construct() {}

    /**
     * Null when no order keeps all the school's rules, or none was found before the search was ended.
     *
     * @param  Watch|null  $watch  may end it sooner than its own measure does
     */
    public static function of(Design $design, Circumstances $circumstances, School $school, ?Watch $watch = null): ?Duration
    {
        $following = $circumstances->withSchools($circumstances->schools->with($school));

        $watches = [new WithinLabels(self::LABELS), ...($watch === null ? [] : [$watch])];

        return BestOrder::of(self::mended($design, $following, $school), $following)->run(new WhileAll(...$watches))->makespan();
    }

    private static function mended(Design $design, Circumstances $circumstances, School $school): Design
    {
        for ($fixes = 0; $fixes < self::MOST_FIXES; $fixes++) {
            $fix = self::firstFix($design, $circumstances, $school);
            if ($fix === null) {
                break;
            }
            $design = $fix->design;
        }

        return $design;
    }

    private static function firstFix(Design $design, Circumstances $circumstances, School $school): ?Fix
    {
        $course = PaintedSequence::of($design, $circumstances);
        foreach (Catalogue::asked($design, $circumstances->schools) as $rule) {
            foreach ($rule instanceof LooksAtFace && $rule->info()->school === $school ? $rule->findings($course) : [] as $finding) {
                if ($finding->fix !== null) {
                    return $finding->fix;
                }
            }
        }

        return null;
    }
}
