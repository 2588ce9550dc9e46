<?php

declare(strict_types=1);

namespace Core\Design\Wording\Sense;

use Core\Design\Place\FigurePart;
use Core\Design\Place\Placement;
use Core\Design\Place\Shape;
use Core\Design\Place\Skeleton;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Design\Wording\Choice;
use Core\Design\Wording\Part;
use Core\Design\Wording\PartKind;
use Core\Design\Wording\Question;
use Core\Design\Wording\Words\Thing;

/**
 * What a design is a picture of: either the face itself is the figure, with the child's own nose and mouth, or a figure is
 * drawn on the skin, whose ears and nose are its own. A design for a cheek, an arm or a hand draws one.
 */
final readonly class Subject
{
    /** No face has room there. */
    private const DRAWN_ON = [Placement::Cheek, Placement::Arm, Placement::Hand];

    /** What no face is painted as, so that it is drawn wherever the design is. */
    private const NEVER_A_FACE = [
        Skeleton::Cake, Skeleton::Vehicle, Skeleton::House, Skeleton::Rocket, Skeleton::Balloon, Skeleton::Parcel, Skeleton::Ball,
        Skeleton::Flag, Skeleton::Bird, Skeleton::Crawler, Skeleton::Swimmer, Skeleton::Blade, Skeleton::Tree,
    ];

    /** Parts that anything with a head or a body may have, though its kind is not drawn with them. */
    private const USUAL = [
        FigurePart::Body, FigurePart::Head, FigurePart::Ear, FigurePart::InnerEar, FigurePart::Eye, FigurePart::Pupil, FigurePart::Nose,
        FigurePart::Mouth,
        FigurePart::Teeth, FigurePart::Tongue, FigurePart::Belly, FigurePart::Wing, FigurePart::Tail, FigurePart::Leg, FigurePart::Foot,
        FigurePart::Arm,
        FigurePart::Claw, FigurePart::Horn, FigurePart::Beak, FigurePart::Fin, FigurePart::Antenna, FigurePart::Muzzle,
        FigurePart::Whiskers,
    ];

    /** Who paints these paints the face. */
    private const TELLING = [
        Zone::Forehead, Zone::Temple, Zone::Chin, Zone::Jaw, Zone::Eyelid, Zone::EyeSocket, Zone::Muzzle,
        Zone::LowerCheek,
    ];

    private const LEAST_STEPS = 3;

    /** A face has these itself. */
    private const OF_A_FACE = [
        FigurePart::Ear, FigurePart::InnerEar, FigurePart::Eye, FigurePart::Pupil, FigurePart::Nose, FigurePart::Mouth, FigurePart::Teeth,
        FigurePart::Tongue, FigurePart::Cheek, FigurePart::Brow, FigurePart::Muzzle, FigurePart::Whiskers, FigurePart::Head,
        FigurePart::Hair, FigurePart::Neck,
        FigurePart::Horn, FigurePart::Beak, FigurePart::Patch, FigurePart::Spots, FigurePart::Stripes, FigurePart::Face, FigurePart::Mane,
        FigurePart::Crown,
        FigurePart::Jewels, FigurePart::Shine, FigurePart::Flame, FigurePart::Leaf, FigurePart::Centre, FigurePart::Band,
        FigurePart::Border, FigurePart::Points,
        FigurePart::Light, FigurePart::Petals, FigurePart::Spikes, FigurePart::Antenna, FigurePart::Body, FigurePart::Wing,
        FigurePart::LowerWing, FigurePart::Berries, FigurePart::Bow, FigurePart::Ribbon, FigurePart::Rays, FigurePart::Cross,
        FigurePart::Drips, FigurePart::String,
        FigurePart::Arm, FigurePart::Strap, FigurePart::Stem, FigurePart::Ring, FigurePart::Hole, FigurePart::Tail,
    ];

    /** By the parts that only some kinds have, the surest first. Common practice, no source. */
    private const TOLD_BY = [
        [Shape::IceCream, ['cone', 'scoop']], [Shape::Cupcake, ['icing', 'case']], [Shape::Butterfly, ['antenna', 'wing']],
        [Shape::Butterfly, ['lower_wing', 'wing']], [Shape::Dragon, ['spikes', 'wing']], [Shape::Dragon, ['flame', 'wing']],
        [Shape::Unicorn, ['horn', 'mane']], [Shape::Bird, ['beak', 'wing']], [Shape::Bird, ['beak', 'tail']], [Shape::Duck, ['beak',
            'foot']],
        [Shape::Cat, ['whiskers', 'ear']], [Shape::Rocket, ['fin', 'window']], [Shape::Fish, ['fin', 'tail']], [Shape::Butterfly, ['wing',
            'body']],
        [Shape::Dinosaur, ['spikes', 'tail']], [Shape::Flower, ['petals', 'stem']], [Shape::Car, ['wheel', 'window']], [Shape::Turtle,
            ['shell', 'foot']],
        [Shape::Snail, ['shell', 'antenna']],
        [Shape::Bird, ['beak', 'body']], [Shape::Bird, ['beak', 'eye']], [Shape::Bird, ['beak', 'belly']],
        [Shape::Bear, ['ear', 'muzzle']], [Shape::Dog, ['ear', 'tongue']], [Shape::Cat, ['ear',
            'nose']],
    ];

    private const FORMS = [Shape::Circle, Shape::Oval, Shape::HalfCircle, Shape::Triangle, Shape::Square, Shape::Rectangle];

    private const WITH_THIN_LEGS = [Skeleton::Beetle, Skeleton::Bird, Skeleton::WingedInsect, Skeleton::Swimmer, Skeleton::Crawler];

    /** Said where a step is written in full. */
    private const WRITTEN = [PartKind::Shape, PartKind::Side, PartKind::Size, PartKind::Turn, PartKind::Guide];

    /** @var array<string, FigurePart> by every word for it */
    private array $words;

    /** @var array<string, FigurePart> the same where a line says that it is the figure's: its ears */
    private array $itsWords;

    /**
     * @param  Shape|null  $shape  null where the face is the figure, or none is drawn
     * @param  Shape|null  $face  what the face itself is painted as, where that is known
     */
    private function __construct(
        public ?Shape $shape,
        private bool $isOnFace,
        public ?Shape $face = null,
        ?Placement $placement = null,
    ) {
        $words = $shape === null ? [] : self::wordsOf(self::parts($shape, $isOnFace));
        // "On the cheek" is where the figure is.
        $this->words = array_diff_key($words, [$placement->value ?? '' => true]);
        $this->itsWords = $isOnFace && $shape !== null ? self::wordsOf(self::parts($shape, false)) : $this->words;
    }

    /**
     * @param  list<FigurePart>  $parts
     * @return array<string, FigurePart>
     */
    private static function wordsOf(array $parts): array
    {
        $words = [];
        foreach ($parts as $part) {
            foreach ($part->words() as $word) {
                $words[$word] ??= $part;
            }
        }

        return $words;
    }

    /** Whether a figure is drawn on the skin, wherever on it. */
    public function isDrawn(): bool
    {
        return $this->shape !== null && ! $this->isOnFace;
    }

    public static function none(): self
    {
        return new self(null, false);
    }

    /**
     * @param  list<Said>  $titles  what stands above the list
     * @param  list<Said>  $lines
     */
    public static function of(array $titles, array $lines, Placement $placement): self
    {
        $named = self::namedIn($titles);
        if (! in_array($placement, self::DRAWN_ON, true)) {
            return $placement !== Placement::FullFace && $placement !== Placement::Mask
                && in_array($named?->skeleton(), self::NEVER_A_FACE, true)
                ? new self($named, false, null, $placement)
                : new self(null, false, $named);
        }
        $first = $lines[0] ?? null;
        $named ??= self::toldBy($lines) ?? ($first === null ? null : self::namedIn([$first]));

        return $named === null ? self::none() : new self($named, false, null, $placement);
    }

    /**
     * "Is the fox the face, or a picture on it?" Null where the places that are painted tell.
     *
     * @param  list<Step>  $steps
     */
    public function question(array $steps): ?Question
    {
        $isAnimal = in_array($this->face?->skeleton(), [Skeleton::Head, Skeleton::SideHead, Skeleton::Bird, Skeleton::Swimmer], true);
        $zones = array_merge(...array_map(static fn (Step $step): array => $step->zones, $steps));
        $told = array_filter($zones, static fn (Zone $zone): bool => in_array($zone, self::TELLING, true));
        if (! $isAnimal || count($steps) < self::LEAST_STEPS || $told !== []) {
            return null;
        }
        $inFront = new Part(PartKind::Words, 0, 0, null);

        return new Question("Is the {$this->face->label()} the face, or a picture on it?", [
            new Choice('the face', "placement: full face\n", $inFront),
            new Choice('a picture on a cheek', "placement: cheek\n", $inFront),
        ]);
    }

    /**
     * With the figure that steps above have drawn, where nothing else tells.
     *
     * @param  list<Step>  $above
     */
    public function orOf(array $above, Placement $placement): self
    {
        $shape = array_values(array_filter(
            array_map(static fn (Step $step): ?Shape => $step->mark->shape, array_reverse($above)),
            static fn (?Shape $shape): bool => $shape?->skeleton() !== null,
        ))[0] ?? null;

        return $this->shape !== null || $shape === null ? $this : $this->after($shape, $placement);
    }

    /**
     * The animal or thing that a title names; null where it names none.
     *
     * @param  list<Said>  $said
     */
    private static function namedIn(array $said): ?Shape
    {
        foreach ($said as $one) {
            foreach ($one->all(PartKind::Thing) as $part) {
                if ($part->value instanceof Thing && $part->value->part === null && $part->value->shape?->skeleton() !== null) {
                    return $part->value->shape;
                }
            }
        }

        return null;
    }

    /** With what a line painted last: its parts are spoken of below. */
    public function after(Shape $shape, Placement $placement): self
    {
        $isDrawn = in_array($placement, self::DRAWN_ON, true);
        $keeps = $this->shape !== null && ! $this->isOnFace;

        return $shape->skeleton() === null || $shape === $this->shape || ($isDrawn && $keeps) || (! $isDrawn
            && $keeps) ? $this : new self($shape, ! $isDrawn, $this->face, $placement);
    }

    /**
     * The words of a line with those for parts of the figure understood as such.
     *
     * @param  list<Part>  $parts
     * @param  bool  $isNamed  whether a name in front tells which part it is
     * @return list<Part>
     */
    public function understood(array $parts, bool $isNamed = false): array
    {
        $isWritten = array_filter($parts, static fn (Part $part): bool => $part->kind === PartKind::Shape) !== [];
        if ($this->shape === null || $isWritten) {
            return $parts;
        }
        $isIts = array_intersect(array_column($parts, 'spoken'), ['its', 'his', 'her', 'their']) !== [];
        $words = $isIts ? $this->itsWords : $this->words;
        $understood = [];
        for ($at = 0; $at < count($parts); $at += $taken) {
            [$part, $taken] = $this->partAt($parts, $at, $words, $isNamed);
            $understood[] = $part ?? $parts[$at];
        }

        return $understood;
    }

    /**
     * @param  list<Part>  $parts
     * @param  array<string, FigurePart>  $words
     * @return array{Part|null, int<1, max>} with how many of them it is
     */
    private function partAt(array $parts, int $at, array $words, bool $isNamed): array
    {
        if (in_array($parts[$at]->kind, [PartKind::Colour, PartKind::Time, PartKind::Tool, PartKind::Note, PartKind::Optional], true)) {
            return [null, 1];
        }
        for ($taken = min(5, count($parts) - $at); $taken > 0; $taken--) {
            $of = array_slice($parts, $at, $taken);
            $isOneClause = array_filter(array_slice($of, 1), static fn (Part $one): bool => $one->opensClause) === [];
            $part = $isOneClause ? $words[implode(' ', array_column($of, 'spoken'))] ?? null : null;
            $thing = $taken === 1 ? $of[0]->value : null;
            $part ??= $thing instanceof Thing && ! $isNamed && $this->isBody($thing, $parts) ? FigurePart::Body : null;
            $part ??= $thing instanceof Thing && $thing->shape?->isEar() === true && isset($words['ears']) ? FigurePart::Ear : null;
            if ($part !== null && $this->shape !== null) {
                $last = $of[$taken - 1];

                return [
                    new Part(
                        kind: PartKind::Thing,
                        start: $of[0]->start,
                        length: $last->end() - $of[0]->start,
                        value: new Thing(technique: self::paintedAs($part, $this->shape), shape: $this->shape, part: $part),
                        opensClause: $of[0]->opensClause,
                        spoken: implode(' ', array_column($of, 'spoken')),
                    ),
                    $taken,
                ];
            }
        }

        return [null, 1];
    }

    /**
     * The "red half circle" of a melon and the "white oval" of a rocket are what it is made of, where the line names no other part.
     *
     * @param  list<Part>  $parts
     */
    private function isBody(Thing $thing, array $parts): bool
    {
        $isForm = in_array($thing->shape, self::FORMS, true);

        return $isForm && ! $this->isOnFace && isset($this->words['body']) && array_filter(
            $parts,
            fn (Part $part): bool => isset($this->words[$part->spoken]) || $part->spoken === $this->shape?->label(),
        ) === [];
    }

    private static function paintedAs(FigurePart $part, Shape $shape): Technique
    {
        $hasThinLegs = in_array($shape->skeleton(), self::WITH_THIN_LEGS, true);

        return match ($part) {
            FigurePart::Leg => $hasThinLegs ? Technique::Line : Technique::Fill,
            FigurePart::Mouth, FigurePart::Antenna, FigurePart::String, FigurePart::Seams => Technique::Line,
            FigurePart::Whiskers => Technique::Whisker,
            FigurePart::Spots, FigurePart::Sprinkles, FigurePart::Seeds, FigurePart::Berries, FigurePart::Button, FigurePart::Jewels,
            FigurePart::Pupil, FigurePart::Shine => Technique::Dots,
            FigurePart::Stripes => Technique::Stripe,
            default => Technique::Fill,
        };
    }

    /** @return list<FigurePart> */
    private static function parts(Shape $shape, bool $isOnFace): array
    {
        $own = $shape->skeleton()?->parts() ?? [];

        return $isOnFace
            ? array_values(array_filter($own, static fn (FigurePart $part): bool => ! in_array($part, self::OF_A_FACE, true)))
            : array_values(array_unique([...$own, ...self::USUAL], SORT_REGULAR));
    }

    /** @param  list<Said>  $lines */
    private static function toldBy(array $lines): ?Shape
    {
        $said = [];
        $words = [];
        foreach (FigurePart::cases() as $part) {
            $words += array_fill_keys($part->words(), $part->value);
        }
        foreach ($lines as $line) {
            $isWritten = array_filter(self::WRITTEN, $line->has(...)) !== [];
            foreach ($isWritten ? [] : $line->parts as $part) {
                $said[$words[$part->spoken] ?? ''] = true;
            }
        }
        foreach (self::TOLD_BY as [$shape, $parts]) {
            if (isset($said[$parts[0]], $said[$parts[1]])) {
                return $shape;
            }
        }

        return null;
    }
}
