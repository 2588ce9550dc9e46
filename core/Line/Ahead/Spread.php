<?php

declare(strict_types=1);

namespace Core\Line\Ahead;

use Core\Line\Defaults;
use Core\Line\StepStatus;
use Core\Line\TicketStatus;

/**
 * How far a day at the chairs runs off its plan. Times are spread log-normally, as is usual for hand work; how widely is the team's
 * estimate. Tables of thousandths, at 32 points as likely as each other, so that the browser needs no arithmetic of its own.
 */
final readonly class Spread
{
    /** Standard deviations of the logarithms: a face, a step or a turnaround, a painter, and the day before anything is known of it. */
    public const FACE_SD = 0.28;

    public const SHORT_SD = 0.42;

    public const PAINTER_SD = 0.12;

    public const DAY_SD = 0.13;

    /** exp(FACE_SD z), its mean kept at 1000. */
    public const FACE = [
        527, 602, 648, 683, 712, 739, 763, 786, 808, 829, 850, 871, 891, 911, 932, 953,
        974, 995, 1018, 1041, 1065, 1091, 1118, 1148, 1180, 1215, 1255, 1302, 1359, 1432, 1540, 1760,
    ];

    public const SHORT = [
        372, 455, 507, 548, 585, 618, 648, 678, 707, 735, 762, 790, 818, 846, 875, 904,
        934, 966, 998, 1033, 1069, 1108, 1150, 1196, 1246, 1303, 1368, 1445, 1541, 1667, 1858, 2271,
    ];

    public const PAINTER = [
        772, 818, 844, 863, 879, 893, 905, 917, 928, 938, 948, 958, 967, 977, 986, 995,
        1005, 1014, 1024, 1034, 1044, 1055, 1066, 1078, 1091, 1105, 1120, 1138, 1159, 1185, 1223, 1295,
    ];

    public const DAY = [
        756, 804, 832, 852, 869, 884, 898, 910, 922, 933, 944, 954, 965, 975, 985, 995,
        1005, 1015, 1026, 1037, 1048, 1060, 1072, 1085, 1099, 1114, 1131, 1150, 1173, 1202, 1243, 1323,
    ];

    /** Thousandths of the children who are not there when called, and what calling them costs. */
    public const NOT_THERE = 50;

    public const LOST_MS = 20_000;

    /** Thousandths of the faces that something upsets: wiped off, a wriggle, a word with the parent. Half a face more. */
    public const UPSET = 80;

    /** So many faces tell as much of the day as is known before it: (FACE_SD / DAY_SD) squared, the upsets counted in. */
    private const KNOWN_BEFORE = 3;

    /** However many faces are done, the next hour may run otherwise: thousandths of the day's spread that stay. */
    private const LEFT = 500;

    private function __construct() {}

    /** @return array<string, int|list<int>> for the browser, which counts by them too */
    public static function values(): array
    {
        return [
            'face' => self::FACE,
            'short' => self::SHORT,
            'painter' => self::PAINTER,
            'day' => self::DAY,
            'notThere' => self::NOT_THERE,
            'lostMs' => self::LOST_MS,
            'upset' => self::UPSET,
            'knownBefore' => self::KNOWN_BEFORE,
            'left' => self::LEFT,
        ];
    }

    /**
     * How the day runs, from the newest of those who went.
     *
     * @return array{int, int} thousandths of the planned time, and thousandths of the spread that are left of what is not known
     */
    public static function ofDay(Outlook $outlook): array
    {
        $planned = $taken = $faces = 0;
        foreach (array_slice($outlook->line->ended(), 0, Defaults::ENDED_SHOWN) as $ticket) {
            $face = $ticket->face;
            if ($face === null || $ticket->status !== TicketStatus::Finished || $ticket->endedAt === null) {
                continue;
            }
            $faces++;
            $planned += $outlook->turnaround->milliseconds;
            foreach ($face->runs as $run) {
                $planned += $run->status === StepStatus::Done ? $run->step->planned->milliseconds : 0;
            }
            // A face that was forgotten in the chair says nothing of the day.
            $most = 3 * $face->plan->total()->milliseconds + 600_000;
            $taken += min($most, $ticket->endedAt->since($face->seatedAt)->milliseconds);
        }
        $ratio = $planned === 0 ? 1000 : max(500, min(2000, intdiv(1000 * $taken, $planned)));
        $known = $faces * 1000 + self::KNOWN_BEFORE * 1000;

        return [
            intdiv(1000 * (self::KNOWN_BEFORE * 1000 + $faces * $ratio), $known),
            max(self::LEFT, self::rootOf(intdiv(self::KNOWN_BEFORE * 1_000_000_000, $known))),
        ];
    }

    /**
     * What is left of something planned, given how long it is at work: only what would take longer still is possible.
     *
     * @param  non-empty-list<int>  $spread  one of the tables
     * @param  int  $chance  any whole number
     */
    public static function rest(array $spread, int $planned, int $elapsed, int $chance): int
    {
        $possible = 0;
        foreach ($spread as $at => $share) {
            if (intdiv($planned * $share, 1000) > $elapsed) {
                $possible = count($spread) - $at;

                break;
            }
        }
        if ($possible === 0) {
            // Longer than anything expected: it may be over at once, or take as much again as a tenth of the plan.
            return intdiv($planned * ($chance % 100), 500);
        }
        $share = $spread[count($spread) - 1 - $chance % $possible];

        return intdiv($planned * $share, 1000) - $elapsed;
    }

    /** The whole part of a square root: Heron's. */
    private static function rootOf(int $number): int
    {
        $root = max(1, $number);
        for ($next = intdiv($root + 1, 2); $next < $root; $next = intdiv($root + intdiv($number, $root), 2)) {
            $root = $next;
        }

        return $root;
    }
}
