<?php

declare(strict_types=1);

namespace Core\Design\Wording\Sense;

use Core\Design\Defaults;
use Core\Design\Medium;
use Core\Design\Wording\Assumption;
use Core\Design\Wording\Choice;
use Core\Design\Wording\Lines\Stretch;
use Core\Design\Wording\Part;
use Core\Design\Wording\PartKind;
use Core\Design\Wording\Question;
use Core\Design\Wording\Words\Act;
use Core\Units\Duration;

/** How long a step takes, as far as its line tells: in words, in a column, by time marks, or as it usually takes. */
final readonly class Timing
{
    /** From here on a bare number is seconds. */
    private const SECONDS_FROM = 10;

    /** The same among many lines: two or three may be coats still. */
    private const SECONDS_IN_LIST_FROM = 4;

    private const LONGEST_BARE = 3600;

    /** @param  list<Assumption>  $assumed */
    private function __construct(public ?Duration $time, public array $assumed, public ?Question $question) {}

    /**
     * @param  Duration|null  $again  of the step that this one repeats
     * @param  bool  $isList  whether the line is one of many
     */
    public static function of(Said $said, Stretch $stretch, Medium $medium, ?Duration $again, bool $isList): self
    {
        $times = $said->values(PartKind::Time, Duration::class);
        $bare = self::bare($said);
        if ($times === [] && $stretch->time === null && $bare !== null) {
            return self::ofBare($bare, $isList);
        }
        $time = $times[0] ?? $stretch->time ?? ($medium === Medium::Bare ? self::ofAct($said) : null) ?? $again;
        $different = array_unique(array_map(static fn (Duration $one): int => $one->milliseconds, $times));

        return new self(self::within($time), [], count($different) > 1 ? self::whichOf($said) : null);
    }

    /** A number that neither counts nor says what it is. */
    public static function bare(Said $said): ?Part
    {
        foreach ($said->all(PartKind::Time) as $part) {
            if (is_int($part->value)) {
                return $part;
            }
        }

        return null;
    }

    private static function ofAct(Said $said): ?Duration
    {
        foreach ($said->values(PartKind::Act, Act::class) as $act) {
            if ($act->seconds !== null) {
                return Duration::ofSeconds($act->seconds);
            }
        }

        return null;
    }

    private static function ofBare(Part $bare, bool $isList): self
    {
        $number = is_int($bare->value) ? $bare->value : 0;
        $isMinutes = $number < ($isList ? self::SECONDS_IN_LIST_FROM : self::SECONDS_FROM);
        $time = $number === 0 || $number > self::LONGEST_BARE ? null
            : ($isMinutes ? Duration::ofMinutes($number) : Duration::ofSeconds($number));
        $choices = array_map(
            static fn (string $says): Choice => new Choice($says, $says, $bare),
            $isMinutes ? ["{$number} min", "{$number}s", "{$number} coats"] : ["{$number}s", "{$number} min"],
        );

        return match (true) {
            $time === null => new self(null, [], null),
            $isMinutes => new self($time, [], new Question("{$number} what?", $choices)),
            default => new self(
                self::within($time),
                [new Assumption(PartKind::Time, $time->format(), 'a bare number is seconds', array_slice($choices, 1))],
                null,
            ),
        };
    }

    private static function within(?Duration $time): ?Duration
    {
        return match (true) {
            $time === null, $time->isZero() => null,
            $time->isLongerThan(Defaults::longestStep()) => Defaults::longestStep(),
            default => $time,
        };
    }

    private static function whichOf(Said $said): Question
    {
        $parts = array_values(array_filter($said->all(PartKind::Time), static fn (Part $part): bool => $part->value instanceof Duration));
        $choices = array_map(
            static fn (Part $part, Part $other): Choice => new Choice($said->wordsOf($part), '', $other),
            [$parts[0], $parts[1]],
            [$parts[1], $parts[0]],
        );

        return new Question("{$choices[0]->label} or {$choices[1]->label}?", $choices);
    }
}
