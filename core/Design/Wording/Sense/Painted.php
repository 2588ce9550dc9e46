<?php

declare(strict_types=1);

namespace Core\Design\Wording\Sense;

use Core\Design\BrushSize;
use Core\Design\Medium;
use Core\Design\Place\Shape;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Design\Wording\Assumption;
use Core\Design\Wording\Choice;
use Core\Design\Wording\Part;
use Core\Design\Wording\PartKind;
use Core\Design\Wording\Question;
use Core\Design\Wording\Vocabulary;
use Core\Design\Wording\Words\Act;
use Core\Design\Wording\Words\Back;
use Core\Design\Wording\Words\Thing;

/** With what and how a step is painted: as said, as its things usually are, or as the steps above were. */
final readonly class Painted
{
    /** Where one medium carries another, the first of these is meant: a stencil is dabbed with a sponge, glitter set with a brush. */
    private const CARRIED = [Medium::Gem, Medium::Glitter, Medium::Stencil];

    /** What is painted is a thing that nobody knows. */
    private const AS_A_THING = 'as things are painted';

    /** Words for whatever the brush does. */
    private const ANY_STROKE = ['stroke', 'strokes'];

    /** Drawn as a line where they go round something. */
    private const FRAMES = [
        Shape::Square, Shape::Rectangle, Shape::Circle, Shape::Oval, Shape::Triangle, Shape::Diamond, Shape::Star,
        Shape::Heart, Shape::Hexagon,
    ];

    private const THICK_BRUSH = 4;

    /** So many places are covered with a sponge. Team's estimate. */
    private const WIDE = 6;

    /** Places that are filled when nothing else is said, however fine the brush. */
    private const FILLED_PLACES = [Zone::Nose, Zone::NoseTip, Zone::Muzzle, Zone::Lips, Zone::UpperLip, Zone::LowerLip];

    /** @param  list<Assumption>  $assumed */
    private function __construct(public Medium $medium, public Technique $technique, public array $assumed, public ?Question $question) {}

    /**
     * @param  Said  $said  without the words that speak of steps above
     * @param  Said|null  $hints  the words of the name in front, where the rest leaves things open
     * @param  list<Zone>  $zones  as far as they are said
     */
    public static function of(
        Said $said,
        ?Said $hints,
        References $references,
        Context $context,
        Vocabulary $vocabulary,
        array $zones,
    ): self {
        $act = self::act($said);
        if ($act !== null) {
            return new self(Medium::Bare, $act, [], null);
        }
        $media = self::media($said, $vocabulary);
        $media = $media === [] && $hints !== null ? self::media($hints, $vocabulary) : $media;
        $strokes = self::shimmered(self::strokes($said), $media);
        $shine = $hints === null ? null : self::shine($hints) ?? self::part($hints);
        $thing = $shine ?? self::thing($said, $context) ?? ($hints === null ? null : self::stroke($hints) ?? self::thing($hints, $context));
        $medium = self::carrying($media);
        $isOnlyStrokes = array_diff(array_column($said->all(PartKind::Technique), 'spoken'), self::ANY_STROKE) === [];
        $technique = $isOnlyStrokes && $thing?->technique === Technique::Fill && ! $said->has(PartKind::Count)
            || $isOnlyStrokes && $thing?->shape !== null ? $thing->technique : self::likeliest($strokes, $medium) ?? $thing?->technique;
        $question = $media !== [] && $medium === null ? self::which($said, $media) : null;
        $medium ??= $media[0] ?? null;
        $isFrame = $strokes === [] && in_array($thing?->shape, self::FRAMES, true) && self::goesRound($said);
        $technique = $isFrame ? Technique::Line : $technique;
        if ($medium !== null) {
            return self::with(
                medium: $medium,
                technique: $technique,
                isSaid: $strokes !== [] || $isFrame,
                said: $said,
                zones: $zones,
                question: $question,
            );
        }

        return self::without(technique: $technique, thing: $thing, said: $said, references: $references, context: $context, zones: $zones);
    }

    /** A thing that nobody knows stands in its place and does not fill it; lips and brows are filled whatever it is called. */
    public function isUnknownThing(Said $said): bool
    {
        $places = array_column($said->all(PartKind::Zone), 'spoken');
        $isFilled = array_filter($places, static fn (string $place): bool => preg_match('/lip|brow|nose|muzzle|lid/', $place) === 1) !== [];
        $speaksOfAbove = array_intersect(array_column($said->parts, 'spoken'), ['ones', 'one', 'rest', 'bits', 'parts']) !== [];

        return ($this->assumed[0]->because ?? '') === self::AS_A_THING && ! $isFilled && ! $speaksOfAbove && ! $said->has(PartKind::Again);
    }

    /** The name in front tells how a step is painted where the rest of the line says neither that nor a tool other than a brush. */
    public static function asksItsName(Said $said, Said $name, Vocabulary $vocabulary): bool
    {
        if (self::shine($name) !== null || self::part($name) !== null) {
            return true;
        }
        $media = array_unique(array_column(self::media($said, $vocabulary), 'value'));

        return self::strokes($said) === [] && ! $said->has(PartKind::Thing) && ($media === [] || $media === [Medium::Brush->value]);
    }

    /** What a line paints, where it has no word for how. */
    public static function thing(Said $said, Context $context): ?Thing
    {
        $things = $said->all(PartKind::Thing);
        $shine = self::shine($said);
        if ($shine !== null) {
            return $shine;
        }
        foreach ($things as $at => $part) {
            // "Shell plates" are plates.
            $next = $things[$at + 1] ?? null;
            if (! $part->value instanceof Thing || ($next !== null && $next->start === $part->end() + 1)) {
                continue;
            }
            $isEye = $part->value->part === null && in_array($part->spoken, ['eye', 'eyes'], true);

            return $isEye && ! $context->isOfFace() ? new Thing(Technique::Dots) : $part->value;
        }

        return $said->has(PartKind::Shape) ? new Thing(Technique::Fill) : null;
    }

    /** Highlights and shine are set on whatever else the line names. */
    private static function shine(Said $said): ?Thing
    {
        foreach ($said->all(PartKind::Thing) as $part) {
            if ($part->value instanceof Thing && $part->value->part === null && preg_match('/highlights?$|^shine$/', $part->spoken) === 1) {
                return $part->value;
            }
        }

        return null;
    }

    /** The part of a figure that a line begins with: "Cone: tan triangle". */
    private static function part(Said $name): ?Thing
    {
        foreach ($name->values(PartKind::Thing, Thing::class) as $thing) {
            if ($thing->part !== null) {
                return $thing;
            }
        }

        return null;
    }

    private static function goesRound(Said $said): bool
    {
        return array_filter(
            [...$said->all(PartKind::Zone), ...$said->all(PartKind::Between)],
            static fn (Part $part): bool => preg_match('/^(?:a?round)\b/', $part->spoken) === 1,
        ) !== [];
    }

    private static function stroke(Said $said): ?Thing
    {
        $stroke = self::strokes($said)[0] ?? null;

        return $stroke === null ? null : new Thing($stroke);
    }

    /** Something done without paint, where the line speaks of no paint. */
    private static function act(Said $said): ?Technique
    {
        if (self::hasBareTool($said)) {
            return array_values(array_filter(
                $said->values(PartKind::Act, Act::class),
                static fn (Act $act): bool => $act->technique !== null,
            ))[0]->technique ?? (self::strokes($said) === [] ? Technique::Tidy : Technique::LiftOff);
        }
        $all = $said->values(PartKind::Act, Act::class);
        $isOnlyAct = $all !== [] && ! $said->has(PartKind::Technique) && ! $said->has(PartKind::Thing) && ! $said->has(PartKind::Medium)
            && ! $said->has(PartKind::Zone);
        $acts = array_values(array_filter($all, static fn (Act $act): bool => $act->technique !== null));
        $isLaidOn = array_intersect(
            array_column(self::CARRIED, 'value'),
            array_column($said->values(PartKind::Medium, Medium::class), 'value'),
        ) !== [];
        $isPaint = $said->colours() !== [] || $said->has(PartKind::Tool) || $isLaidOn
            || $said->has(PartKind::Thing) && $acts !== [] && $acts[0]->technique === Technique::Wait && $said->has(PartKind::Technique);

        return $isPaint ? null : $acts[0]->technique ?? ($isOnlyAct ? Technique::Tidy : null);
    }

    private static function hasBareTool(Said $said): bool
    {
        return in_array($said->first(PartKind::Tool), ['damp bud', 'wipe'], true) || $said->first(PartKind::Medium) === Medium::Bare;
    }

    /** @return list<Medium> said, or known from the tools */
    private static function media(Said $said, Vocabulary $vocabulary): array
    {
        $media = $said->values(PartKind::Medium, Medium::class);
        foreach ($said->all(PartKind::Tool) as $part) {
            $medium = is_string($part->value) ? $vocabulary->mediumOfTool($part->value) ?? self::ofName($part->value) : null;
            $media = $medium === null ? $media : [...$media, $medium];
        }

        return $media === [] ? self::spokenOf($said) : $media;
    }

    /**
     * "Turn the sponge", "tip of the brush", "same sponge": what is in the hand.
     *
     * @return list<Medium>
     */
    private static function spokenOf(Said $said): array
    {
        foreach ([
            ...$said->all(PartKind::Quality),
            ...$said->all(PartKind::Act),
            ...$said->all(PartKind::Thing),
            ...$said->all(PartKind::Again),
        ] as $part) {
            $words = $part->spoken;
            $medium = match (true) {
                preg_match('/sponge|clean side|other end/', $words) === 1 => Medium::Sponge,
                str_contains($words, 'brush') => Medium::Brush,
                default => null,
            };
            if ($medium !== null) {
                return [$medium];
            }
        }

        return [];
    }

    private static function ofName(string $tool): ?Medium
    {
        return BrushSize::of($tool) !== null || preg_match('/^(?:flat|angle) /', $tool) === 1 ? Medium::Brush : null;
    }

    /** @param  list<Medium>  $media */
    private static function carrying(array $media): ?Medium
    {
        foreach (self::CARRIED as $carried) {
            if (in_array($carried, $media, true)) {
                return $carried;
            }
        }

        return count(array_unique(array_column($media, 'value'))) === 1 ? $media[0] : null;
    }

    /** @param  non-empty-list<Medium>  $media */
    private static function which(Said $said, array $media): Question
    {
        $parts = $said->all(PartKind::Medium);
        $choices = [];
        foreach ($media as $medium) {
            $other = array_values(array_filter($parts, static fn (Part $part): bool => $part->value !== $medium))[0] ?? null;
            $choices[] = new Choice($medium->label(), $other === null ? $medium->value : '', $other);
        }

        return new Question('With which? A step uses one.', $choices);
    }

    /**
     * Shimmer that a sponge or a brush lays on is paint.
     *
     * @param  list<Technique>  $strokes
     * @param  list<Medium>  $media
     * @return list<Technique>
     */
    private static function shimmered(array $strokes, array $media): array
    {
        $isPaint = in_array(Medium::Sponge, $media, true) || in_array(Medium::Brush, $media, true);

        return $isPaint && ! in_array(Medium::Glitter, $media, true)
            ? array_values(array_filter($strokes, static fn (Technique $one): bool => $one !== Technique::GlitterGel))
            : $strokes;
    }

    /** @return list<Technique> */
    private static function strokes(Said $said): array
    {
        return $said->values(PartKind::Technique, Technique::class);
    }

    /**
     * A line of dots is dots; what stands alone between commas was meant most.
     *
     * @param  list<Technique>  $strokes
     */
    private static function likeliest(array $strokes, ?Medium $medium): ?Technique
    {
        $fitting = $medium === null ? $strokes : array_values(array_filter(
            $strokes,
            static fn (Technique $one): bool => $one->suits($medium),
        ));
        $fitting = $fitting === [] ? $strokes : $fitting;
        $counted = array_values(array_filter($fitting, static fn (Technique $one): bool => $one !== Technique::Line));

        return $counted[0] ?? $fitting[0] ?? null;
    }

    /** @param  list<Zone>  $zones */
    private static function with(Medium $medium, ?Technique $technique, bool $isSaid, Said $said, array $zones, ?Question $question): self
    {
        // Things are filled with a brush and stippled with a sponge, whatever the other would do.
        $technique = match (true) {
            $technique === null => null,
            $medium === Medium::Sponge && Earlier::isLineWork($technique) => $isSaid ? Technique::Stripe : Technique::Stipple,
            $isSaid => $technique,
            $medium === Medium::Sponge && $technique === Technique::Fill => Technique::Stipple,
            $medium === Medium::Brush && $technique->covers() && $technique !== Technique::Sweep => Technique::Fill,
            default => $technique,
        };
        $usual = $medium === Medium::Brush && $technique === null ? self::byBrush($said, $zones) : Technique::usualOf($medium);
        $suits = $technique?->suits($medium) === true;
        $isDrawn = $medium === Medium::Brush && $technique !== null && ! $suits;

        return new self($medium, $suits ? $technique : ($isDrawn ? Technique::Fill : $usual), [], $question);
    }

    /**
     * Broad brushes fill, fine ones draw; a nose is filled.
     *
     * @param  list<Zone>  $zones
     */
    private static function byBrush(Said $said, array $zones): Technique
    {
        $tool = $said->first(PartKind::Tool);
        $size = is_string($tool) ? BrushSize::of($tool) : null;
        $isBroad = $size !== null ? $size->number >= self::THICK_BRUSH : is_string($tool);
        $isFilled = $zones !== [] && array_filter(
            $zones,
            static fn (Zone $zone): bool => ! in_array($zone, self::FILLED_PLACES, true),
        ) === [];

        $isBrow = $zones === [Zone::Brow]
            && array_filter($said->all(PartKind::Zone), static fn (Part $part): bool => str_contains($part->spoken, 'eyebrow')) !== [];

        return ! $isBrow && ($isFilled || $isBroad || ($size === null && $said->has(PartKind::Words))) ? Technique::Fill : Technique::Line;
    }

    /** @param  list<Zone>  $zones */
    private static function without(
        ?Technique $technique,
        ?Thing $thing,
        Said $said,
        References $references,
        Context $context,
        array $zones,
    ): self {
        if ($technique !== null) {
            return self::byStroke(technique: $technique, thing: $thing, said: $said, references: $references, context: $context);
        }
        $last = $references->looksBack(Back::SameTool) || $references->looksBack(Back::It) ? $context->last() : null;
        [$medium, $because] = match (true) {
            $last !== null => [$last->medium, 'as in the step above'],
            count($zones) >= self::WIDE => [Medium::Sponge, 'as wide places are'],
            $said->has(PartKind::Words) && ! ($zones !== [] && self::isGround($said, $context)) => [Medium::Brush, self::AS_A_THING],
            $zones !== [] && self::areFilled($zones) => [Medium::Brush, 'as '.$zones[0]->label().' is painted'],
            default => self::carried($context),
        };
        $inHand = $context->last();
        if ($medium === Medium::Brush && $inHand?->medium === Medium::Sponge && ! $said->has(PartKind::Words) && self::areSkin($zones)) {
            [$medium, $because] = [Medium::Sponge, 'as in the line above'];
        }

        return new self(
            $medium,
            $medium === Medium::Brush ? Technique::Fill : Technique::usualOf($medium),
            [self::assumption($medium, $because)],
            null,
        );
    }

    private static function byStroke(Technique $technique, ?Thing $thing, Said $said, References $references, Context $context): self
    {
        $worked = $technique->isBase() && $thing?->medium === Medium::Sponge ? self::workedOn($references) : null;
        if ($worked !== null) {
            return new self(Medium::Brush, $worked, [self::assumption(Medium::Brush, 'as what it is on')], null);
        }
        $medium = $thing?->medium !== null && $technique->suits($thing->medium) ? $thing->medium : $technique->usualMedium();
        $medium = self::sameTool($said, $references, $context, $technique) ?? self::ofItsLike($said, $context, $technique) ?? $medium;

        return new self(
            $medium,
            $medium === Medium::Sponge && $technique === Technique::Fill ? Technique::Stipple : $technique,
            [self::assumption(
                $medium,
                $technique->isCounted() || $technique === Technique::Outline
                    ? 'as '.$technique->plural().' are painted'
                    : 'as that is painted',
            )],
            null,
        );
    }

    /** A shadow under swirls, a shade on a beak: with the brush that painted them, as lines under lines. */
    private static function workedOn(References $references): ?Technique
    {
        $step = $references->steps[0] ?? null;

        return match (true) {
            $step === null || $step->medium !== Medium::Brush => null,
            $step->technique->isThin() => Technique::Line,
            default => Technique::Fill,
        };
    }

    /** Lower wings are painted with what the upper ones were. */
    private static function ofItsLike(Said $said, Context $context, Technique $technique): ?Medium
    {
        $likes = $technique !== Technique::Fill || $said->colours() !== [] ? [] : [
            ...$said->all(PartKind::Shape),
            ...$said->all(PartKind::Thing),
        ];
        foreach ($likes as $part) {
            $made = $context->made(Earlier::noun(trim((string) strrchr(" {$part->spoken}", ' '))));
            if ($made?->medium === Medium::Sponge) {
                return Medium::Sponge;
            }
        }

        return null;
    }

    /** With what is left on the brush. */
    private static function goesOn(Said $said): bool
    {
        return array_filter(
            $said->all(PartKind::Act),
            static fn (Part $part): bool => preg_match('/left ?-?over|is left|\'s left|still on/', $part->spoken) === 1,
        ) !== [];
    }

    private static function sameTool(Said $said, References $references, Context $context, Technique $technique): ?Medium
    {
        $last = $references->looksBack(Back::SameTool) || self::goesOn($said) ? $context->last() : null;

        return $last !== null && $technique->suits($last->medium) ? $last->medium : null;
    }

    /** A first line of nothing but colours and places is the ground. */
    private static function isGround(Said $said, Context $context): bool
    {
        return $context->last() === null && $said->colours() !== [];
    }

    /** @param  list<Zone>  $zones */
    private static function areFilled(array $zones): bool
    {
        return array_filter($zones, static fn (Zone $zone): bool => ! in_array($zone, self::FILLED_PLACES, true)) === [];
    }

    /**
     * Places that a sponge in the hand covers, and no nose or lips, which want a brush.
     *
     * @param  list<Zone>  $zones
     */
    private static function areSkin(array $zones): bool
    {
        return $zones !== [] && array_filter(
            $zones,
            static fn (Zone $zone): bool => in_array($zone, [Zone::Nose, Zone::NoseTip, Zone::Nostril], true) || $zone->isLip(),
        ) === [];
    }

    /** @return array{Medium, string} */
    private static function carried(Context $context): array
    {
        $last = $context->lastThat(
            static fn (Step $step): bool => $step->medium === Medium::Sponge || $step->medium === Medium::Brush
                || $step->medium === Medium::Powder,
        );

        return $last === null ? [Medium::Sponge, 'as a design begins'] : [$last->medium, 'as in the line above'];
    }

    private static function assumption(Medium $medium, string $because): Assumption
    {
        $others = array_filter(Medium::cases(), static fn (Medium $one): bool => $one !== $medium && $one !== Medium::Bare);

        return new Assumption(
            PartKind::Medium,
            $medium->label(),
            $because,
            array_values(array_map(static fn (Medium $one): Choice => new Choice($one->label(), $one->value), $others)),
        );
    }
}
