<?php

declare(strict_types=1);

namespace Core\Design\Wording\Sense;

use Core\Colour\Load;
use Core\Design\Alternative;
use Core\Design\Defaults;
use Core\Design\InvalidStep;
use Core\Design\Medium;
use Core\Design\Place\Zone;
use Core\Design\Shut;
use Core\Design\Technique;
use Core\Design\Wording\PartKind;
use Core\Design\Wording\Vocabulary;
use Core\Design\Wording\Words\Act;
use Core\Design\Wording\Words\Conditions;
use Core\Design\Wording\Words\OtherWay;
use Core\Units\Duration;

/** How much a line wants of its step: strokes, coats, water, drying below, what is shut meanwhile, and other ways to do it. */
final readonly class Work
{
    /** @param  bool  $isTimed  by a column or a time mark, so that no bare number is seconds */
    public function __construct(private Said $said, private bool $isTimed = false) {}

    public static function within(int $number, int $least, int $most): int
    {
        return max($least, min($most, $number));
    }

    /** Strokes or marks a side: the number in front of what is painted, else the first; null where they are not counted. */
    public function count(Technique $technique, bool $hasShape = false): ?int
    {
        $count = $technique->isCounted() || ($hasShape && $technique === Technique::Fill) ? $this->counted() ?? $this->ofOne() : null;

        return $count === null ? null : self::within($count, 1, Defaults::MOST_COUNT);
    }

    public function smallCount(Technique $technique): ?int
    {
        $small = $technique->isCounted() ? $this->said->number(PartKind::SmallCount) : null;

        return $small === null ? null : self::within($small, 1, Defaults::MOST_COUNT);
    }

    /** "Twice" over what is not counted is two coats. */
    public function coats(Technique $technique): int
    {
        foreach ($technique->isCounted() ? [] : $this->said->all(PartKind::Count) as $part) {
            if (in_array($part->spoken, ['twice', 'two times'], true)) {
                return 2;
            }
        }

        return self::within($this->saidCoats()[0] ?? 1, 1, Defaults::MOST_COATS);
    }

    public function load(): Load
    {
        $load = $this->said->first(PartKind::Load);

        return $load instanceof Load ? $load : Load::Normal;
    }

    /** "Wait until dry" in front of paint is for the paint below. */
    public function drying(Medium $medium): Duration
    {
        $drying = $this->said->first(PartKind::Drying);
        $waits = array_filter(
            $this->said->values(PartKind::Act, Act::class),
            static fn (Act $act): bool => $act->technique === Technique::Wait,
        ) !== [];

        return match (true) {
            $drying instanceof Duration => $drying->isLongerThan(Defaults::longestStep()) ? Defaults::longestStep() : $drying,
            $waits && $medium !== Medium::Bare => Duration::ofSeconds(Conditions::USUAL_DRYING_SECONDS),
            default => Duration::zero(),
        };
    }

    /**
     * Paint on a lid keeps the eyes shut, and paint on the lips the lips, unless the line says otherwise.
     *
     * @param  list<Zone>  $zones
     */
    public function shut(array $zones, Medium $medium): ?Shut
    {
        $shut = $this->said->first(PartKind::Shut);

        return match (true) {
            $shut instanceof Shut => $shut,
            $this->said->has(PartKind::Shut) => null,
            default => Shut::usualFor($zones, $medium),
        };
    }

    /** @return list<Alternative> those that make sense */
    public function otherWays(Medium $medium, Technique $technique, string $tool, Vocabulary $vocabulary): array
    {
        $said = $this->said->values(PartKind::Alternative, OtherWay::class);
        $coats = $this->saidCoats()[1] ?? null;
        $ways = [];
        foreach ($coats === null ? $said : [...$said, OtherWay::inCoats($coats)] as $way) {
            try {
                $ways[] = $way->of($medium, $technique, $tool, $vocabulary);
            } catch (InvalidStep) {
                // It stays in the line, where it can be read; the step has one way fewer.
            }
        }

        return $ways;
    }

    /** "A dot" is one; "dotted" and "dots" are as many as usual. */
    private function ofOne(): ?int
    {
        foreach ($this->said->parts as $part) {
            if ($part->kind->names()
                && preg_match('/^(?:dot|spot|speck|bubble|pearl|light|red light|blue light|button)$/', $part->spoken) === 1) {
                return 1;
            }
        }

        return null;
    }

    private function counted(): ?int
    {
        $count = null;
        foreach ($this->said->parts as $part) {
            if ($part->kind === PartKind::Count && is_array($part->value) && is_int($part->value[0])) {
                $count = $part->value[0];
            }
            if ($count !== null && $part->kind->names()) {
                return $count;
            }
        }
        // "Stripes, 5, 12s": the seconds are said, so the other number counts.
        $bare = Timing::bare($this->said)?->value;
        $isTimed = $this->isTimed || $this->said->values(PartKind::Time, Duration::class) !== [];
        $first = $this->said->first(PartKind::Count);

        return is_array($first) && is_int($first[0]) ? $first[0] : ($isTimed && is_int($bare) ? $bare : null);
    }

    /** @return list<int> the coats, and in "1-2 coats" those that there may be */
    private function saidCoats(): array
    {
        $coats = $this->said->first(PartKind::Coats);

        return array_values(array_filter(is_array($coats) ? $coats : [$coats], is_int(...)));
    }
}
