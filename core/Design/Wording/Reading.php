<?php

declare(strict_types=1);

namespace Core\Design\Wording;

use Core\Design\Colour;
use Core\Design\Medium;
use Core\Design\Side;
use Core\Design\Step;
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
    public function __construct(public array $parts, public array $questions) {}

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
        assert($time instanceof Duration);

        return new Step(
            $id,
            $this->name(),
            $this->medium() ?? throw UnclearStep::because('With what? Say sponge, brush, stencil, powder, glitter or gem.'),
            $this->tool(),
            $this->colours(),
            $this->zones(),
            $this->side(),
            is_int($coats = $this->first(PartKind::Coats)) ? $coats : 1,
            $time,
            $drying instanceof Duration ? $drying : Duration::zero(),
            $this->first(PartKind::Optional) === true,
            $this->text(PartKind::Note),
        );
    }

    /** What lays it on: said, or known from the tool. */
    public function medium(): ?Medium
    {
        $medium = $this->first(PartKind::Medium);

        return $medium instanceof Medium ? $medium : Vocabulary::mediumOfTool($this->tool());
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

        return $name !== '' ? $name : self::nameFor($this->medium(), $this->colours()[0] ?? null, $this->zones()[0] ?? null);
    }

    private function tool(): string
    {
        return $this->text(PartKind::Tool);
    }

    /** @return list<Colour> */
    private function colours(): array
    {
        return array_values(array_filter($this->all(PartKind::Colour), static fn (mixed $value): bool => $value instanceof Colour));
    }

    /** @return list<Zone> */
    private function zones(): array
    {
        return array_values(array_filter($this->all(PartKind::Zone), static fn (mixed $value): bool => $value instanceof Zone));
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
