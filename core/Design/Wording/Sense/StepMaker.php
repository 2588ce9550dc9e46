<?php

declare(strict_types=1);

namespace Core\Design\Wording\Sense;

use Core\Design\Colour;
use Core\Design\Defaults;
use Core\Design\Medium;
use Core\Design\Place\Mark;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Design\Wording\Assumption;
use Core\Design\Wording\Lines\Stretch;
use Core\Design\Wording\Part;
use Core\Design\Wording\PartKind;
use Core\Design\Wording\Question;
use Core\Design\Wording\StepReading;
use Core\Design\Wording\Vocabulary;
use Core\Design\Wording\Words\Act;
use Core\Design\Wording\Words\Back;
use Core\Design\Wording\Words\Scanner;
use Core\Design\Wording\Words\Spared;
use Core\Design\Wording\Words\Tokens;
use Core\Units\Duration;

/** Makes a step of what a piece of a line says, with what stands above it. */
final readonly class StepMaker
{
    private const LONGEST_NAME = 80;

    public function __construct(private Scanner $scanner, private Vocabulary $vocabulary) {}

    /**
     * @param  list<Part>  $parts  all tokens, as they read without a name in front
     * @return StepReading|null null where it says nothing of a step: something to know for the one before or after
     */
    public function make(Stretch $stretch, Tokens $tokens, array $parts, Context $context, string $id): ?StepReading
    {
        [$name, $at, $read] = $this->leadingName($stretch->text, $tokens);
        $parts = $at === 0 && $read === $tokens ? $parts : $this->scanner->parts($read, $at);
        $parts = $context->drawn()->understood(self::waiting($parts), $name !== null);
        $all = new Said($parts, $stretch->text);
        if ($name === null && ! self::saysStep($all, $stretch)) {
            return null;
        }
        $references = References::in($all, $context);
        $main = $all->main();
        $said = $main->withoutParts($references->parts);
        $zones = Places::said($main, $context, Spared::in($parts, $stretch->text, $this->scanner));
        $base = Repeated::step($said, $references, $context, $zones);
        $hints = $name === null ? null : $this->hints(Tokens::from(array_slice($read->all, 0, $at - 1)), $name, $stretch->text, $context);
        [$step, $assumed, $question] = $base !== null ? $this->again(
            id: $id,
            base: $base,
            all: $all,
            references: $references,
            context: $context,
            zones: $zones,
        ) : $this->fresh(
            id: $id,
            said: $said,
            all: $all,
            references: $references,
            context: $context,
            zones: $zones,
            name: $name,
            hints: $hints,
            isTimed: $stretch->time !== null,
        );
        $timing = Timing::of(said: $all, stretch: $stretch, medium: $step->medium, again: $base?->time, isList: $context->isList);

        return new StepReading(
            step: $timing->time === null ? $step : $step->withTime($timing->time),
            parts: self::shifted($name, $parts, $stretch),
            assumed: [...$assumed, ...$timing->assumed],
            question: $question ?? $timing->question,
            end: $stretch->start + mb_strlen(rtrim($stretch->text)),
            speaksOf: $references->steps,
            mirrors: $references->looksBack(Back::OtherSide) && $base?->side === Side::Both && $step->side === Side::Right ? $base : null,
        );
    }

    /**
     * @param  list<Zone>  $zones
     * @return array{Step, list<Assumption>, Question|null}
     */
    private function again(string $id, Step $base, Said $all, References $references, Context $context, array $zones): array
    {
        $step = Repeated::again(
            id: $id,
            base: $base,
            said: $all,
            references: $references,
            context: $context,
            vocabulary: $this->vocabulary,
            zones: $zones,
        );

        return [$step, [new Assumption(PartKind::Again, "the rest as in “{$base->name}”", '')], null];
    }

    /**
     * "Dry 30s" is said of the step it stands with; by itself it is a wait.
     *
     * @param  list<Part>  $parts
     * @return list<Part>
     */
    private static function waiting(array $parts): array
    {
        $only = $parts[0] ?? null;
        $drying = 'dry';
        if ($only === null || count($parts) !== 1 || $only->kind !== PartKind::Drying || ! str_starts_with($only->spoken, $drying)) {
            return $parts;
        }
        $letters = strlen($drying);

        return [
            new Part(
                kind: PartKind::Act,
                start: $only->start,
                length: $letters,
                value: new Act(Technique::Wait),
                opensClause: true,
                spoken: $drying,
            ),
            new Part(PartKind::Time, $only->start + $letters, $only->length - $letters, $only->value),
        ];
    }

    /** The time of a piece that says nothing else; null for any other. */
    public function onlyTime(Tokens $tokens): ?Duration
    {
        $said = new Said($this->scanner->parts($tokens, 0), '');
        $time = $said->first(PartKind::Time);

        return $time instanceof Duration && ! $time->isZero() && count($said->without(PartKind::Between)->parts) === 1 ? $time : null;
    }

    /** @return array{Part|null, int, Tokens} the name in front of a colon, where to read on, and in what */
    private function leadingName(string $text, Tokens $tokens): array
    {
        foreach ($tokens->all as $index => $token) {
            if ($token->text !== ':' || $index === 0) {
                continue;
            }
            $first = $tokens->all[0];
            $isQuoted = $index === 1 && $first->quoted !== null;
            $said = $isQuoted ? $first->quoted : trim(mb_substr($text, $first->start, $token->start - $first->start));
            $isName = ! str_contains($said, ',') && mb_strlen($said) <= self::LONGEST_NAME && $this->isName($tokens, $index);

            return $said !== '' && ($isQuoted || $isName)
                ? [new Part(PartKind::Name, $first->start, $token->end() - $first->start, $said), $index + 1, $tokens]
                : [null, 0, $tokens->partedAt($index)];
        }

        return [null, 0, $tokens];
    }

    /** "Party:", "when dry:" and "before the line work:" say when, not what; what has only its time behind it is said in front. */
    private function isName(Tokens $tokens, int $count): bool
    {
        if ($this->onlyTime(Tokens::from(array_slice($tokens->all, $count + 1))) !== null) {
            return false;
        }
        $said = (new Said($this->scanner->parts(Tokens::from(array_slice($tokens->all, 0, $count)), 0), ''))->without(PartKind::Between);

        return $said->parts === [] || $said->without(PartKind::Optional, PartKind::Order, PartKind::Drying)->parts !== [];
    }

    /** Something is painted or done; to hold still, or eyes shut, is but to be known. */
    private static function saysStep(Said $said, Stretch $stretch): bool
    {
        foreach ($said->parts as $part) {
            $says = match ($part->kind) {
                PartKind::Between, PartKind::Quality, PartKind::Note, PartKind::Shut, PartKind::Optional,
                PartKind::Order, PartKind::Load, PartKind::Drying => false,
                PartKind::Words => preg_match('/\p{L}{2,}/u', $said->wordsOf($part)) === 1,
                PartKind::Act => $part->value instanceof Act
                    && ($part->value->technique !== null || $said->has(PartKind::Time) || $stretch->time !== null),
                PartKind::Time, PartKind::Side => $said->has(PartKind::Act) || $said->has(PartKind::Again) || count($said->parts) > 1
                    || $part->value instanceof Duration,
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
        $others = $said->without(
            PartKind::Act,
            PartKind::Between,
            PartKind::Quality,
            PartKind::Shut,
            PartKind::Note,
            PartKind::Medium,
            PartKind::Words,
            PartKind::Order,
        )->parts;

        return $hasNote && $others === [] && $stretch->time === null;
    }

    /**
     * @param  list<Zone>  $zones
     * @return array{Step, list<Assumption>, Question|null}
     */
    private function fresh(
        string $id,
        Said $said,
        Said $all,
        References $references,
        Context $context,
        array $zones,
        ?Part $name,
        ?Said $hints,
        bool $isTimed,
    ): array {
        $how = $hints !== null && Painted::asksItsName($said, $hints, $this->vocabulary) ? $hints : null;
        $words = $this->vocabulary;
        $painted = Painted::of(said: $said, hints: $how, references: $references, context: $context, vocabulary: $words, zones: $zones);
        $places = Places::of(
            zones: $zones,
            said: $said,
            how: $how,
            all: $all,
            hints: $hints,
            references: $references,
            context: $context,
            painted: $painted,
        );

        return $this->step(
            id: $id,
            said: $said,
            all: $all,
            references: $references,
            context: $context,
            name: $name,
            painted: $painted,
            places: $places,
            coloured: Coloured::of(
                said: $said,
                hints: $hints,
                references: $references,
                context: $context,
                vocabulary: $words,
                painted: $painted,
            ),
            isTimed: $isTimed,
        );
    }

    /**
     * @param  Assumed<list<Colour>>  $coloured
     * @return array{Step, list<Assumption>, Question|null}
     */
    private function step(
        string $id,
        Said $said,
        Said $all,
        References $references,
        Context $context,
        ?Part $name,
        Painted $painted,
        Places $places,
        Assumed $coloured,
        bool $isTimed,
    ): array {
        $tool = Tooled::of(
            said: $said,
            references: $references,
            context: $context,
            vocabulary: $this->vocabulary,
            medium: $painted->medium,
            technique: $painted->technique,
        );
        $assumed = array_values(array_filter([...$painted->assumed, ...$places->assumed, $coloured->assumption, $tool->assumption]));
        $work = new Work($said, $isTimed);
        $count = $work->count($painted->technique, true) ?? self::ofCentres($said, $context);
        [$named, $rest] = Naming::of($all, $painted->technique->isCounted());
        $step = new Step(
            id: $id,
            name: self::nameOf($name, $named, $all, $painted)
                ?? Naming::usual($painted->medium, $painted->technique, $coloured->value, $places->zones),
            medium: $painted->medium, tool: $tool->value, colours: $coloured->value, zones: $places->zones, side: $places->side,
            coats: $work->coats($painted->technique), time: null, dryFor: $work->drying($painted->medium),
            optional: $said->first(PartKind::Optional) === true || $context->heading()->isOptional,
            note: Notes::of($said, $name === null ? $rest : [$named, ...$rest]), technique: $painted->technique,
            load: $work->load(), count: $places->counted($painted->technique, $count), smallCount: $work->smallCount($painted->technique),
            mark: self::mark($said, $places, $references), shut: (new Work($all))->shut($places->zones, $painted->medium),
            look: Work::within($said->number(PartKind::Look) ?? Defaults::USUAL_LOOK, 0, Defaults::MOST_LOOK),
            group: is_string($group = $said->first(PartKind::Group)) ? $group : $context->heading()->group,
            alternatives: $work->otherWays($painted->medium, $painted->technique, $tool->value, $this->vocabulary),
            stopAfter: is_bool($stop = $said->first(PartKind::Stop)) ? $stop : null,
        );

        return [$step, $assumed, $painted->question];
    }

    /** As many centres as there are flowers. */
    private static function ofCentres(Said $said, Context $context): ?int
    {
        $things = array_column($said->all(PartKind::Thing), 'spoken');
        $flowers = $context->lastThat(static fn (Step $step): bool => $step->technique === Technique::Flower);

        return array_intersect($things, ['centres', 'centers', 'middles']) === [] ? null : $flowers?->count;
    }

    /** The words of the name in front, where the rest of the line leaves things open. */
    private function hints(Tokens $tokens, Part $name, string $text, Context $context): Said
    {
        $isQuoted = ($tokens->all[0] ?? null)?->quoted !== null;
        $words = is_string($name->value) ? $name->value : '';

        return $isQuoted
            ? new Said($this->scanner->parts($this->scanner->tokens($words, null), 0), $words)
            : new Said($context->drawn()->understood($this->scanner->parts($tokens, 0)), $text);
    }

    /** Null for a step that is called as such steps usually are. */
    private static function nameOf(?Part $name, string $named, Said $all, Painted $painted): ?string
    {
        $act = $painted->medium === Medium::Bare ? $all->all(PartKind::Act)[0] ?? null : null;

        return match (true) {
            $name !== null && is_string($name->value) => $name->value,
            $named !== '' => $named,
            $act !== null => mb_strtoupper(mb_substr($all->wordsOf($act), 0, 1)).mb_substr($all->wordsOf($act), 1),
            default => null,
        };
    }

    private static function mark(Said $said, Places $places, References $references): Mark
    {
        return new Mark(
            $places->shape,
            Work::within($said->number(PartKind::Size) ?? $places->sizePercent(), Defaults::LEAST_SIZE_PERCENT,
                Defaults::MOST_SIZE_PERCENT),
            Work::within($said->number(PartKind::Turn) ?? 0, -180, 180),
            array_slice([...$said->guides(), ...$places->parts(), ...$references->guides($places->shape)], 0, Defaults::MOST_GUIDES),
        );
    }

    /**
     * @param  list<Part>  $parts
     * @return list<Part> as they lie in the line
     */
    private static function shifted(?Part $name, array $parts, Stretch $stretch): array
    {
        $all = $name === null ? $parts : [$name, ...$parts];

        return array_map(static fn (Part $part): Part => $part->shifted($stretch->start), $all);
    }
}
