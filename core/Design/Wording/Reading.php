<?php

declare(strict_types=1);

namespace Core\Design\Wording;

use Core\Design\Alternative;
use Core\Design\Colour;
use Core\Design\Defaults;
use Core\Design\Guide;
use Core\Design\Load;
use Core\Design\Mark;
use Core\Design\Medium;
use Core\Design\Shape;
use Core\Design\Shut;
use Core\Design\Side;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Design\Wording\Internal\OtherWay;
use Core\Design\Zone;
use Core\Exceptions\InvalidStep;
use Core\Exceptions\UnclearStep;
use Core\Units\Duration;

/** What was understood of a typed step, word for word, and what has to be asked. */
final readonly class Reading
{
    /**
     * @param  list<Part>  $parts  in the order of the text, without overlaps
     * @param  list<string>  $questions  each says what to type; empty when all is clear
     */
    public function __construct(public array $parts, public array $questions, private Vocabulary $vocabulary) {}

    public function isClear(): bool
    {
        return $this->questions === [];
    }

    /**
     * @throws UnclearStep when something has to be asked first
     * @throws InvalidStep when all is read and makes no sense together
     */
    public function step(string $id): Step
    {
        if ($this->questions !== []) {
            throw UnclearStep::because($this->questions[0]);
        }
        $time = $this->first(PartKind::Time);
        $drying = $this->first(PartKind::Drying);
        $group = $this->text(PartKind::Group);

        return new Step(
            $id,
            $this->name(),
            $this->medium() ?? throw UnclearStep::because(Questions::WITH_WHAT),
            $this->tool(),
            $this->allOf(PartKind::Colour, Colour::class),
            $this->zones(),
            $this->side(),
            $this->number(PartKind::Coats) ?? 1,
            $time instanceof Duration ? $time : null,
            $drying instanceof Duration ? $drying : Duration::zero(),
            $this->first(PartKind::Optional) === true,
            $this->text(PartKind::Note),
            $this->technique(),
            ($load = $this->first(PartKind::Load)) instanceof Load ? $load : Load::Normal,
            $this->count(),
            $this->number(PartKind::SmallCount),
            $this->mark(),
            ($shut = $this->first(PartKind::Shut)) instanceof Shut ? $shut : null,
            $this->number(PartKind::Look) ?? Defaults::USUAL_LOOK,
            $group,
            $this->alternatives(),
            is_bool($stop = $this->first(PartKind::Stop)) ? $stop : null,
        );
    }

    /** What lays it on: said, or known from the tool. */
    public function medium(): ?Medium
    {
        $medium = $this->first(PartKind::Medium);

        return $medium instanceof Medium ? $medium : $this->vocabulary->mediumOfTool($this->tool()) ?? $this->technique()?->usualMedium();
    }

    /** Said, or counted; null for the usual one of the medium. */
    public function technique(): ?Technique
    {
        $technique = $this->first(PartKind::Technique);
        $counted = $this->first(PartKind::Count);

        return match (true) {
            $technique instanceof Technique => $technique,
            is_array($counted) && $counted[1] instanceof Technique => $counted[1],
            default => null,
        };
    }

    /** A step without a name of its own is called by its first colour, or what lays it on, and its place. */
    public static function nameFor(?Medium $medium, ?Colour $colour, ?Zone $zone): string
    {
        $what = $colour === null || $colour->name === '' ? (string) $medium?->value : $colour->name;
        $name = trim("{$what} {$zone?->label()}");

        return mb_strtoupper(mb_substr($name, 0, 1)).mb_substr($name, 1);
    }

    /** @param  list<Zone>  $zones */
    public static function sideFor(array $zones): Side
    {
        foreach ($zones as $zone) {
            if (! $zone->isOnMiddleLine()) {
                return Side::Both;
            }
        }

        return Side::Centre;
    }

    private function name(): string
    {
        $name = $this->text(PartKind::Name);

        return $name !== '' ? $name : self::nameFor($this->medium(), $this->allOf(PartKind::Colour, Colour::class)[0] ?? null, $this->zones()[0] ?? null);
    }

    private function tool(): string
    {
        return $this->text(PartKind::Tool);
    }

    /** @return list<Zone> */
    private function zones(): array
    {
        return $this->allOf(PartKind::Zone, Zone::class);
    }

    /**
     * @return list<Alternative>
     *
     * @throws InvalidStep when a number makes no sense
     */
    private function alternatives(): array
    {
        $medium = $this->medium() ?? throw UnclearStep::because(Questions::WITH_WHAT);
        $technique = $this->technique() ?? Technique::usualOf($medium);

        return array_map(fn (OtherWay $way): Alternative => $way->of($medium, $technique, $this->tool(), $this->vocabulary), $this->allOf(PartKind::Alternative, OtherWay::class));
    }

    private function count(): ?int
    {
        $counted = $this->first(PartKind::Count);

        return is_array($counted) && is_int($counted[0]) ? $counted[0] : null;
    }

    /** @throws InvalidStep when size or turn make no sense */
    private function mark(): Mark
    {
        $shape = $this->first(PartKind::Shape);

        return new Mark(
            $shape instanceof Shape ? $shape : null,
            $this->number(PartKind::Size) ?? 100,
            $this->number(PartKind::Turn) ?? 0,
            $this->allOf(PartKind::Guide, Guide::class),
        );
    }

    private function number(PartKind $kind): ?int
    {
        $number = $this->first($kind);

        return is_int($number) ? $number : null;
    }

    private function side(): Side
    {
        $side = $this->first(PartKind::Side);

        return $side instanceof Side ? $side : self::sideFor($this->zones());
    }

    private function text(PartKind $kind): string
    {
        $value = $this->first($kind);

        return is_string($value) ? $value : '';
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @return list<T>
     */
    private function allOf(PartKind $kind, string $class): array
    {
        return array_values(array_filter($this->all($kind), static fn (mixed $value): bool => $value instanceof $class));
    }

    private function first(PartKind $kind): mixed
    {
        return $this->all($kind)[0] ?? null;
    }

    /** @return list<mixed> */
    private function all(PartKind $kind): array
    {
        return array_values(array_map(
            static fn (Part $part): mixed => $part->value,
            array_filter($this->parts, static fn (Part $part): bool => $part->kind === $kind),
        ));
    }
}
