<?php

declare(strict_types=1);

namespace Tests\Core\Design\Wording;

use Core\Design\Colour;
use Core\Design\Place\Placement;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Design\Wording\LineReading;
use Core\Design\Wording\ListReader;
use Core\Design\Wording\ListReading;
use Core\Design\Wording\Vocabulary;

/** Reads lines with the words that everybody has, for tests that look at one thing each. */
final readonly class Reads
{
    public static function list(string $list, ?Placement $placement = Placement::FullFace): ListReading
    {
        static $reader = null;
        $reader ??= new ListReader(Vocabulary::plain());

        return $reader->read($list, $placement);
    }

    /** The last step of a list, or of a line. */
    public static function step(string $list, Placement $placement = Placement::FullFace): Step
    {
        $steps = self::list($list, $placement)->steps();

        return $steps[count($steps) - 1];
    }

    public static function line(string $line, Placement $placement = Placement::FullFace): LineReading
    {
        return self::list($line, $placement)->lines[0];
    }

    /** @return list<string> */
    public static function zones(string $list, Placement $placement = Placement::FullFace): array
    {
        return array_map(static fn (Zone $zone): string => $zone->value, self::step($list, $placement)->zones);
    }

    /** @return list<string> */
    public static function colours(string $list, Placement $placement = Placement::FullFace): array
    {
        return array_map(static fn (Colour $colour): string => $colour->name, self::step($list, $placement)->colours);
    }

    /** As "medium technique". */
    public static function how(string $list, Placement $placement = Placement::FullFace): string
    {
        $step = self::step($list, $placement);

        return "{$step->medium->value} {$step->technique->value}";
    }
}
