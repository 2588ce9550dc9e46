<?php

declare(strict_types=1);

namespace Core\Design\Wording\Sense;

use Core\Design\Alternative;
use Core\Design\Defaults;
use Core\Design\Load;
use Core\Design\Mark;
use Core\Design\Medium;
use Core\Design\Shut;
use Core\Design\Side;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Design\Wording\Assumption;
use Core\Design\Wording\Choice;
use Core\Design\Wording\Lines\Stretch;
use Core\Design\Wording\Part;
use Core\Design\Wording\PartKind;
use Core\Design\Wording\Question;
use Core\Design\Wording\StepReading;
use Core\Design\Wording\Vocabulary;
use Core\Design\Wording\Words\Act;
use Core\Design\Wording\Words\Back;
use Core\Design\Wording\Words\Conditions;
use Core\Design\Wording\Words\OtherWay;
use Core\Design\Wording\Words\Place;
use Core\Design\Wording\Words\Scanner;
use Core\Design\Wording\Words\Spared;
use Core\Design\Wording\Words\Thing;
use Core\Design\Wording\Words\Tokens;
use Core\Design\Zone;
use Core\Exceptions\InvalidStep;
use Core\Units\Duration;

/** Makes a step of what a piece of a line says, with what stands above it. */
final readonly class StepMaker
{
    /** From here on a bare number is seconds. */
    private const SECONDS_FROM = 10;

    private const LONGEST_NOTE = 500;

    public function __construct(private Scanner $scanner, private Vocabulary $vocabulary) {}

    /** @return StepReading|null null where it says nothing of a step: something to know for the one before or after */
    public function make(Stretch $stretch, Tokens $tokens, Context $context, string $id): ?StepReading
    {
        [$name, $at] = self::leadingName($stretch->text, $tokens, $this->scanner);
        $parts = $this->scanner->parts($tokens, $at);
        $all = new Said($parts, $stretch->text);
        if ($name === null && ! self::saysStep($all, $stretch)) {
            return null;
        }
        $hints = $name === null ? null : $this->hints($name, $stretch->text);
        $references = References::in($all, $context);
        $said = $all->withoutParts($references->parts);
        $zones = Places::said($all, $context, Spared::in($parts, $stretch->text, $this->scanner));
        $again = $references->repeats() && ! self::isItsOwn($said, $zones) ? $this->repeated($all, $references, $context) : null;
        $question = null;
        if ($again === null) {
            [$step, $assumed, $question] = $this->fresh($id, $said, $all, $hints, $references, $context, $zones, $name);
        } else {
            [$step, $assumed] = $this->again($id, $again, $all, $references, $context, $zones);
        }
        [$step, $timed, $asked] = $this->timed($step, $all, $stretch, $again);

        return new StepReading($step, self::shifted($name, $parts, $stretch), [...$assumed, ...$timed], $question ?? $asked, $stretch->start + mb_strlen(rtrim($stretch->text)), $references->steps);
    }

    /** @return array{Part|null, int} the name in front of a colon, and where to read on */
    private static function leadingName(string $text, Tokens $tokens, Scanner $scanner): array
    {
        foreach ($tokens->all as $index => $token) {
            if ($token->text !== ':' || $index === 0) {
                continue;
            }
            $first = $tokens->all[0];
            $said = $index === 1 && $first->quoted !== null ? $first->quoted : trim(mb_substr($text, $first->start, $token->start - $first->start));
            $isOptional = $scanner->meaning(mb_strtolower($said))?->kind === PartKind::Optional;
            $isName = ! $isOptional && ! str_contains($said, ',') && mb_strlen($said) <= 80 && $said !== '';

            return $isName || ($index === 1 && $first->quoted !== null && $said !== '') ? [new Part(PartKind::Name, $first->start, $token->end() - $first->start, $said), $index + 1] : [null, 0];
        }

        return [null, 0];
    }

    private function hints(Part $name, string $text): Said
    {
        $words = is_string($name->value) ? $name->value : '';

        return new Said($this->scanner->parts($this->scanner->tokens($words, null), 0), $words);
    }

    /** Something is painted or done; to hold still, or eyes shut, is but to be known. */
    private static function saysStep(Said $said, Stretch $stretch): bool
    {
        foreach ($said->parts as $part) {
            $says = match ($part->kind) {
                PartKind::Between, PartKind::Quality, PartKind::Note, PartKind::Shut, PartKind::Optional, PartKind::Order, PartKind::Load, PartKind::Drying => false,
                PartKind::Words => preg_match('/\p{L}{2,}/u', $said->wordsOf($part)) === 1,
                PartKind::Act => $part->value instanceof Act && ($part->value->technique !== null || $said->has(PartKind::Time) || $stretch->time !== null),
                PartKind::Time, PartKind::Side => $said->has(PartKind::Act) || $said->has(PartKind::Again) || count($said->parts) > 1 || $part->value instanceof Duration,
                PartKind::Again => $part->value !== Back::It,
                default => true,
            };
            if ($says) {
                return ! self::isButNote($said, $stretch);
            }
        }

        return false;
    }

    /** "Flip the sponge", "fresh sponge": what holds the paint changes, and nothing else. */
    private static function isButNote(Said $said, Stretch $stretch): bool
    {
        $hasNote = array_filter($said->values(PartKind::Act, Act::class), static fn (Act $act): bool => $act->technique === null) !== [];
        $others = array_filter($said->parts, static fn (Part $part): bool => ! in_array($part->kind, [PartKind::Act, PartKind::Between, PartKind::Quality, PartKind::Shut, PartKind::Note, PartKind::Medium, PartKind::Words, PartKind::Order], true));

        return $hasNote && $others === [] && ! $said->has(PartKind::Time) && $stretch->time === null;
    }

    /**
     * Whether a line that looks back paints something of its own: it takes only the place or the colour from above.
     *
     * @param  list<Zone>  $zones
     */
    private static function isItsOwn(Said $said, array $zones): bool
    {
        $acts = array_filter($said->values(PartKind::Act, Act::class), static fn (Act $act): bool => $act->technique !== null);

        return $acts !== [] || $said->has(PartKind::Technique) || $said->has(PartKind::Thing) || $said->has(PartKind::Medium) || $said->has(PartKind::Tool)
            || ($said->has(PartKind::Words) && $said->has(PartKind::Colour) && $zones !== [])
            || ($said->has(PartKind::Words) && count($said->all(PartKind::Words)) === 1 && ! self::looksWholly($said));
    }

    private static function looksWholly(Said $said): bool
    {
        return array_filter($said->values(PartKind::Again, Back::class), static fn (Back $back): bool => $back === Back::OtherSide || $back === Back::AllOfIt) !== []
            || ($said->parts[0] ?? null)?->kind === PartKind::Again || ! $said->has(PartKind::Words);
    }

    private function repeated(Said $all, References $references, Context $context): ?Step
    {
        $base = $references->looksBack(Back::AllOfIt) ? null : $references->steps[0] ?? null;

        return $base ?? $context->last();
    }

    /**
     * @param  list<Zone>  $zones
     * @return array{Step, list<Assumption>}
     */
    private function again(string $id, Step $base, Said $said, References $references, Context $context, array $zones): array
    {
        $colours = $said->has(PartKind::Colour) ? $said->colours() : $base->colours;
        $zoned = $zones === [] ? $base->zones : $zones;
        $sides = Places::of($zoned, $said, $said, null, $references, $context, Painted::of(new Said([], ''), null, $references, $context, $this->vocabulary, $zoned));
        $side = match (true) {
            $said->has(PartKind::Side) || Places::usualSide($zoned) === Side::Centre => $sides->side,
            $references->looksBack(Back::OtherSide) || $references->looksBack(Back::AllOfIt) => self::otherSide($base->side),
            default => $base->side,
        };
        $name = $this->nameOf($said->without(PartKind::Again), $base->technique->isCounted())[0];
        $step = new Step(
            $id,
            $name === '' ? $base->name : $name,
            $base->medium,
            $this->tool($said) ?? $base->tool,
            $colours,
            $zoned,
            $side,
            $said->number(PartKind::Coats) ?? $base->coats,
            $base->time,
            $this->drying($said),
            $said->first(PartKind::Optional) === true,
            $this->note($said, []),
            $base->technique,
            $base->load,
            $base->technique->isCounted() ? $this->count($said) ?? $base->count : null,
            null,
            $this->markAgain($said, $base),
            $this->shut($said, $zoned, $base->medium),
            $base->look,
            $context->group,
        );

        return [$step, [new Assumption(PartKind::Again, "the rest as in “{$base->name}”", '')]];
    }

    /** "Lower wings, the same" have a shape of their own. */
    private function markAgain(Said $said, Step $base): Mark
    {
        $shape = ($said->values(PartKind::Thing, Thing::class)[0] ?? null)?->shape;

        return new Mark($shape ?? $base->mark->shape, $base->mark->sizePercent, $base->mark->turnDegrees, $said->guides());
    }

    private static function otherSide(Side $side): Side
    {
        return match ($side) {
            Side::Left => Side::Right,
            Side::Right => Side::Left,
            default => $side,
        };
    }

    /**
     * @param  list<Zone>  $zones
     * @return array{Step, list<Assumption>, Question|null}
     */
    private function fresh(string $id, Said $said, Said $all, ?Said $hints, References $references, Context $context, array $zones, ?Part $name): array
    {
        $how = $hints !== null && Painted::asksItsName($said, $this->vocabulary) ? $hints : null;
        $painted = Painted::of($said, $how, $references, $context, $this->vocabulary, $zones);
        $places = Places::of($zones, $how === null ? $said : $said->and($how), $all, $hints, $references, $context, $painted);
        $coloured = Coloured::of($said, $hints, $references, $context, $this->vocabulary, $painted);
        $tool = $this->toolFor($said, $references, $context, $painted);
        $isCounted = $painted->technique->isCounted();
        $count = $isCounted ? $this->count($said) : null;
        [$named, $rest] = $this->nameOf($all, $isCounted);
        $ownName = $name !== null && is_string($name->value) ? $name->value : $named;
        $notes = $name === null ? $rest : array_values(array_diff([$named, ...$rest], ['']));
        $step = new Step(
            $id,
            $ownName !== '' ? $ownName : Naming::usual($painted->medium, $painted->technique, $coloured->value, $places->zones),
            $painted->medium,
            $tool->value,
            $coloured->value,
            $places->zones,
            $places->side,
            self::within($this->coats($said, $isCounted), 1, Defaults::MOST_COATS),
            null,
            $painted->medium === Medium::Bare && ! $said->has(PartKind::Drying) ? Duration::zero() : $this->drying($said),
            $said->first(PartKind::Optional) === true,
            $this->note($said, $notes),
            $painted->technique,
            ($load = $said->first(PartKind::Load)) instanceof Load ? $load : Load::Normal,
            $count === null ? null : self::within($count, 1, Defaults::MOST_COUNT),
            $isCounted && ($small = $said->number(PartKind::SmallCount)) !== null ? self::within($small, 1, Defaults::MOST_COUNT) : null,
            $this->mark($said, $places),
            $this->shut($all, $places->zones, $painted->medium),
            self::within($said->number(PartKind::Look) ?? Defaults::USUAL_LOOK, 0, Defaults::MOST_LOOK),
            $said->has(PartKind::Group) && is_string($group = $said->first(PartKind::Group)) ? $group : $context->group,
            $this->alternatives($said, $painted, $tool->value),
            is_bool($stop = $said->first(PartKind::Stop)) ? $stop : null,
        );

        return [$step, array_values(array_filter([...$painted->assumed, ...$places->assumed, $coloured->assumption, $tool->assumption])), $painted->question];
    }

    /** @return array{string, list<string>} */
    private function nameOf(Said $said, bool $isCounted): array
    {
        return Naming::of($said, $isCounted);
    }

    private static function within(int $number, int $least, int $most): int
    {
        return max($least, min($most, $number));
    }

    private function tool(Said $said): ?string
    {
        $tool = $said->first(PartKind::Tool);

        return is_string($tool) ? $tool : null;
    }

    /** @return Assumed<string> */
    private function toolFor(Said $said, References $references, Context $context, Painted $painted): Assumed
    {
        foreach ($said->all(PartKind::Tool) as $part) {
            if (is_array($part->value) && is_string($part->value[0] ?? null)) {
                return new Assumed($part->value[0]);
            }
            if (is_string($part->value) && ($this->vocabulary->mediumOfTool($part->value) ?? $painted->medium) === $painted->medium) {
                return new Assumed($part->value);
            }
        }
        $last = $context->lastWith($painted->medium);
        if ($references->looksBack(Back::SameTool) && $last !== null) {
            return new Assumed($last->tool);
        }
        if ($said->has(PartKind::Medium) || $painted->medium !== Medium::Brush) {
            return new Assumed($painted->medium === Medium::Sponge && ! $said->has(PartKind::Medium) && $last !== null ? $last->tool : '');
        }
        $brush = $this->vocabulary->tools->usualBrush($painted->technique, $this->isThin($said));
        $because = 'the usual brush for '.$painted->technique->plural();

        return new Assumed($brush, $brush === '' ? null : new Assumption(PartKind::Tool, $brush, $because, array_map(
            static fn (string $other): Choice => new Choice($other, $other),
            array_values(array_filter(['round 1', 'round 2', 'round 4', 'round 6', 'flat 1/2 in'], fn (string $other): bool => $other !== $brush && $this->vocabulary->mediumOfTool($other) !== null)),
        )));
    }

    private function isThin(Said $said): bool
    {
        foreach ($said->all(PartKind::Quality) as $part) {
            if (preg_match('/thin|fine|delicate/', $part->spoken) === 1) {
                return true;
            }
        }

        return false;
    }

    /** Strokes or marks a side: the number in front of what is painted, else the first. */
    private function count(Said $said): ?int
    {
        $count = null;
        foreach ($said->parts as $part) {
            if ($part->kind === PartKind::Count && is_array($part->value) && is_int($part->value[0])) {
                $count = $part->value[0];
            }
            if ($count !== null && $part->kind->names()) {
                return $count;
            }
        }
        $first = $said->first(PartKind::Count);
        // "Stripes, 5, 12s": the seconds are said, so the other number counts.
        $bare = array_values(array_filter($said->all(PartKind::Time), static fn (Part $part): bool => is_int($part->value)))[0]->value ?? null;
        $isTimed = $said->values(PartKind::Time, Duration::class) !== [];

        return is_array($first) && is_int($first[0]) ? $first[0] : ($isTimed && is_int($bare) ? $bare : null);
    }

    /** "Twice" over what is not counted is two coats. */
    private function coats(Said $said, bool $isCounted): int
    {
        foreach ($isCounted ? [] : $said->all(PartKind::Count) as $part) {
            if (in_array($part->spoken, ['twice', 'two times'], true)) {
                return 2;
            }
        }

        return $said->number(PartKind::Coats) ?? 1;
    }

    private function drying(Said $said): Duration
    {
        $drying = $said->first(PartKind::Drying);
        $waits = array_filter($said->values(PartKind::Act, Act::class), static fn (Act $act): bool => $act->technique === Technique::Wait) !== [];
        $isPaint = $said->colours() !== [] || $said->has(PartKind::Thing) && $said->has(PartKind::Technique);

        return match (true) {
            $drying instanceof Duration => $drying->isLongerThan(Defaults::longestStep()) ? Defaults::longestStep() : $drying,
            $waits && $isPaint => Duration::ofSeconds(Conditions::USUAL_DRYING_SECONDS),
            default => Duration::zero(),
        };
    }

    private function mark(Said $said, Places $places): Mark
    {
        $turn = $said->number(PartKind::Turn) ?? 0;

        return new Mark(
            $places->shape,
            self::within($said->number(PartKind::Size) ?? 100, Defaults::LEAST_SIZE_PERCENT, Defaults::MOST_SIZE_PERCENT),
            self::within($turn, -180, 180),
            $said->guides(),
        );
    }

    /**
     * Paint on a lid keeps the eyes shut, and paint on the lips the lips, unless the line says otherwise.
     *
     * @param  list<Zone>  $zones
     */
    private function shut(Said $said, array $zones, Medium $medium): ?Shut
    {
        if ($said->has(PartKind::Shut)) {
            $shut = $said->first(PartKind::Shut);

            return $shut instanceof Shut ? $shut : null;
        }

        return Shut::usualFor($zones, $medium);
    }

    /** @return list<Alternative> those that make sense */
    private function alternatives(Said $said, Painted $painted, string $tool): array
    {
        $ways = [];
        foreach ($said->values(PartKind::Alternative, OtherWay::class) as $way) {
            try {
                $ways[] = $way->of($painted->medium, $painted->technique, $tool, $this->vocabulary);
            } catch (InvalidStep) {
                // It stays in the line, where it can be read; the step has one way fewer.
            }
        }

        return $ways;
    }

    /** @param  list<string>  $rest  words that are left of the name */
    private function note(Said $said, array $rest): string
    {
        $notes = [];
        foreach ($said->parts as $part) {
            $notes[] = match (true) {
                $part->kind === PartKind::Note && is_string($part->value) => $part->value,
                $part->kind === PartKind::Note => $said->wordsOf($part),
                $part->kind === PartKind::Quality && $part->value === 'stroke' && mb_strlen($said->wordsOf($part)) > 3 && ! in_array($part->spoken, ['same', 'edge', 'rest', 'press', 'pull', 'tip', 'heel'], true) => $said->wordsOf($part),
                $part->kind === PartKind::Act && $part->value instanceof Act && $part->value->technique === null => $said->wordsOf($part),
                $part->kind === PartKind::Order && $part->value === Place::WhileWet => $said->wordsOf($part),
                default => '',
            };
        }
        $all = array_values(array_unique(array_filter([...$notes, ...$rest], static fn (string $note): bool => $note !== '')));

        return mb_substr(implode(', ', $all), 0, self::LONGEST_NOTE);
    }

    /**
     * @param  Step|null  $again  the step that it is once more
     * @return array{Step, list<Assumption>, Question|null}
     */
    private function timed(Step $step, Said $said, Stretch $stretch, ?Step $again): array
    {
        $times = $said->values(PartKind::Time, Duration::class);
        $bare = array_values(array_filter($said->all(PartKind::Time), static fn (Part $part): bool => is_int($part->value)));
        $usual = array_values(array_filter($said->values(PartKind::Act, Act::class), static fn (Act $act): bool => $act->seconds !== null))[0] ?? null;
        $different = array_unique(array_map(static fn (Duration $time): int => $time->milliseconds, $times));
        $bareTime = $bare !== [] && $times === [] && $stretch->time === null && is_int($bare[0]->value) ? self::bareTime($bare[0]->value) : null;
        $time = $times[0] ?? $stretch->time ?? $bareTime ?? ($step->medium === Medium::Bare && $usual !== null ? Duration::ofSeconds((int) $usual->seconds) : $again?->time);
        $question = count($different) > 1 ? self::whichTime($said) : null;
        $assumed = [];
        if ($bareTime !== null) {
            $choices = self::bareChoices($bare[0]);
            $question = $bare[0]->value < self::SECONDS_FROM ? new Question("{$bare[0]->value} what?", $choices) : $question;
            $assumed = $question === null ? [new Assumption(PartKind::Time, $bareTime->format(), 'a bare number is seconds', array_slice($choices, 1))] : [];
        }
        if ($time === null || $time->isZero()) {
            return [$step, $assumed, $question];
        }

        return [$step->withTime($time->isLongerThan(Defaults::longestStep()) ? Defaults::longestStep() : $time), $assumed, $question];
    }

    private static function bareTime(int $number): ?Duration
    {
        return match (true) {
            $number === 0, $number > 3600 => null,
            $number < self::SECONDS_FROM => Duration::ofMinutes($number),
            default => Duration::ofSeconds($number),
        };
    }

    /** @return non-empty-list<Choice> */
    private static function bareChoices(Part $part): array
    {
        $number = is_int($part->value) ? $part->value : 0;
        $words = $number < self::SECONDS_FROM ? ["{$number} min", "{$number}s", "{$number} coats"] : ["{$number}s", "{$number} min"];

        return array_map(static fn (string $says): Choice => new Choice($says, $says, $part), $words);
    }

    private static function whichTime(Said $said): Question
    {
        $parts = array_values(array_filter($said->all(PartKind::Time), static fn (Part $part): bool => $part->value instanceof Duration));
        $choices = array_map(static fn (Part $part, Part $other): Choice => new Choice($said->wordsOf($part), '', $other), [$parts[0], $parts[1]], [$parts[1], $parts[0]]);

        return new Question("{$choices[0]->label} or {$choices[1]->label}?", $choices);
    }

    /**
     * @param  list<Part>  $parts
     * @return list<Part> as they lie in the line
     */
    private static function shifted(?Part $name, array $parts, Stretch $stretch): array
    {
        $all = $name === null ? $parts : [$name, ...$parts];

        return array_map(static fn (Part $part): Part => new Part($part->kind, $stretch->start + $part->start, $part->length, $part->value, $part->opensClause, $part->spoken), $all);
    }
}
