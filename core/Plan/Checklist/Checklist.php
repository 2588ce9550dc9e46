<?php

declare(strict_types=1);

namespace Core\Plan\Checklist;

use Core\Plan\Ages;
use Core\Plan\Menu\Promise;
use Core\Plan\Simulation\FaceTime;
use Core\Units\Duration;

/** What to look at before the day, each in a sentence with its numbers. */
final readonly class Checklist
{
    private function __construct() {}

    /**
     * Which designs keep what the menu promises: eight faces of ten are done by then.
     *
     * @param  list<array{name: string, promise: Duration, face: FaceTime, readyAfter: int|null}>  $menu  with how many more on the board
     *                                                                                             it takes; null where that is not known
     */
    public static function menu(array $menu): Check
    {
        if ($menu === []) {
            return new Check(CheckKind::Menu, false, 'Nothing is on the menu yet.');
        }
        $late = array_values(array_filter($menu, static fn (array $one): bool => ! Promise::isKept($one['promise'], $one['face'])));
        if ($late === []) {
            return new Check(CheckKind::Menu, true, self::count(count($menu), 'design').' on the menu, and each keeps its promise.');
        }
        $said = array_map(static fn (array $one): string => "{$one['name']} promises {$one['promise']->format()}, 8 of 10 are done by "
            .$one['face']->eightOfTen()->format().match ($one['readyAfter']) {
                null, 0 => '',
                default => ' (ready after '.self::count($one['readyAfter'], 'more', 'more').' on the board)',
            }, array_slice($late, 0, 3));
        $more = count($late) - count($said);

        return new Check(CheckKind::Menu, false, implode('; ', $said).($more > 0 ? "; and {$more} more" : '').'.');
    }

    /** @param  float  $chance  that everybody is painted */
    public static function chance(float $chance, float $wanted, ?string $namesStop): Check
    {
        $days = (int) round(100 * $chance);

        return new Check(CheckKind::Chance, $chance >= $wanted, "All are painted on {$days} days of 100"
            .($namesStop === null ? '.' : ", if names stop at {$namesStop}.")
            .($chance >= $wanted ? '' : ' Look at what would help, in the plan.'));
    }

    /** @param  list<string>  $names  by chair, as said or as assumed */
    public static function roster(array $names, int $chairs, bool $isAssumed): Check
    {
        $sitting = implode(', ', array_unique($names));
        if (count($names) < $chairs) {
            return new Check(CheckKind::Roster, false, self::count($chairs, 'chair').', and '
                .($names === [] ? 'nobody' : $sitting).' to sit at them.');
        }

        return new Check(CheckKind::Roster, true, $isAssumed ? "{$sitting}, as nobody has said otherwise." : "{$sitting}, as you said.");
    }

    /** @param  list<string>  $clashes  names of what does not go together with it */
    public static function diary(array $clashes): Check
    {
        return $clashes === []
            ? new Check(CheckKind::Diary, true, 'Nothing else in the diary gets in its way.')
            : new Check(CheckKind::Diary, false, 'Too near to '.implode(' and ', array_unique($clashes)).': see the list of events.');
    }

    /** @param  list<string>  $short  such as "white 12 g" */
    public static function stock(array $short): Check
    {
        if ($short === []) {
            return new Check(CheckKind::Stock, true, 'Enough of everything that was weighed or counted.');
        }
        $more = count($short) - 4;
        $said = implode(', ', array_slice($short, 0, 4)).($more > 0 ? " and {$more} more" : '');

        return new Check(CheckKind::Stock, false, "Short: {$said}.");
    }

    public static function water(int $changes, float $litresEach): Check
    {
        $litres = (int) ceil($changes * $litresEach);

        $often = self::count($changes, 'time');

        return new Check(CheckKind::Water, true, "Fresh water {$often}: about {$litres} l, more where there is no tap.");
    }

    public static function packed(int $ticked, int $all): Check
    {
        return new Check(CheckKind::Packed, $ticked >= $all, "{$ticked} of {$all} things are packed.");
    }

    /** @param  list<string>  $longer  designs that take longer than the youngest sit */
    public static function ages(?Ages $ages, array $longer): Check
    {
        if ($ages === null) {
            return new Check(CheckKind::Ages, true, 'Nobody has said how old the children are.');
        }
        $little = $ages->hasLittleOnes() ? ' Under three: a small mark on cheek or hand, no gems, a parent beside.' : '';
        $sits = "The youngest are {$ages->youngest} and sit for about {$ages->sits()->format()}.";

        return new Check(CheckKind::Ages, $longer === [] && $little === '', $sits.($longer === []
            ? ''
            : ' Longer than that: '.implode(', ', $longer).'. Have something quicker to offer.').$little);
    }

    /** What is asked of each child, and what lies in the bag that some must not have. */
    public static function cautions(bool $hasLatex): Check
    {
        return new Check(CheckKind::Cautions, true, 'Ask each time for age, allergies and skin, and a parent for yes. '
            .($hasLatex ? 'A glue with latex is in the bag: refuse it with a latex allergy. ' : '')
            .'No paint on broken skin, a rash or a cold sore. Local rules and licensed practice come first.');
    }

    private static function count(int $count, string $one, ?string $many = null): string
    {
        return $count === 1 ? "1 {$one}" : $count.' '.($many ?? "{$one}s");
    }
}
