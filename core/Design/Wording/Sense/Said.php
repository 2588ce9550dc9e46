<?php

declare(strict_types=1);

namespace Core\Design\Wording\Sense;

use Core\Design\Colour;
use Core\Design\Place\Guide;
use Core\Design\Wording\Part;
use Core\Design\Wording\PartKind;

/** What a typed step says, by kind. */
final readonly class Said
{
    private const ONTO = [
        'over', 'on', 'onto', 'across', 'under', 'underneath', 'between', 'along', 'through', 'above', 'below', 'round', 'around',
        'inside', 'behind', 'beside', 'down',
    ];

    /** These say that paint lies there only with "the" behind them: stars are painted in white, but "in the white". */
    private const ONTO_THE = [...self::ONTO, 'into', 'in', 'from', 'of', 'near'];

    /** @var array<string, list<Part>> by the value of the kind */
    private array $byKind;

    /** @param  list<Part>  $parts  in the order of the text */
    public function __construct(public array $parts, public string $text)
    {
        $byKind = [];
        foreach ($parts as $part) {
            $byKind[$part->kind->value][] = $part;
        }
        $this->byKind = $byKind;
    }

    public function has(PartKind $kind): bool
    {
        return isset($this->byKind[$kind->value]);
    }

    /** @return list<Part> */
    public function all(PartKind $kind): array
    {
        return $this->byKind[$kind->value] ?? [];
    }

    public function first(PartKind $kind): mixed
    {
        return $this->byKind[$kind->value][0]->value ?? null;
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @return list<T> what is said of that class, in its order
     */
    public function values(PartKind $kind, string $class): array
    {
        return array_values(array_filter(
            array_map(static fn (Part $part): mixed => $part->value, $this->all($kind)),
            static fn (mixed $value): bool => $value instanceof $class,
        ));
    }

    public function number(PartKind $kind): ?int
    {
        $number = $this->first($kind);

        return is_int($number) ? $number : null;
    }

    public function wordsOf(Part $part): string
    {
        return trim(mb_substr($this->text, $part->start, $part->length));
    }

    /**
     * @return list<Colour> in the order they are said; one that is spoken of again is the same one,
     *     one in a row of colours is another stripe
     */
    public function colours(): array
    {
        $colours = [];
        $inRow = false;
        $isThere = $this->coloursThere();
        foreach ($this->parts as $at => $part) {
            foreach ($part->kind !== PartKind::Colour || isset($isThere[$at]) ? []
                : (is_array($part->value) ? $part->value : [$part->value]) as $colour) {
                if ($colour instanceof Colour && ($inRow || ! self::isAmong($colour, $colours))) {
                    $colours[] = $colour;
                }
            }
            $inRow = $part->kind === PartKind::Colour || ($inRow && $part->kind === PartKind::Between);
        }

        return $colours;
    }

    /**
     * "Into the white", "round the red sail", "on blue scales": paint that lies there already, where the line picks up another colour too.
     *
     * @return array<int, true> by the place of the part
     */
    private function coloursThere(): array
    {
        $there = [];
        foreach (count($this->all(PartKind::Colour)) > 1 ? $this->parts : [] as $at => $part) {
            $before = array_column(array_slice($this->parts, max(0, $at - 2), min(2, $at)), 'spoken');
            if ($part->kind === PartKind::Colour && (self::isLedByThe($before) || $this->isOfWhatLiesThere($at))) {
                $there[$at] = true;
            }
        }

        return count($there) < count($this->all(PartKind::Colour)) ? $there : [];
    }

    /** @param  list<string>  $before  the two words in front */
    private static function isLedByThe(array $before): bool
    {
        return count($before) === 2 && $before[1] === 'the' && in_array($before[0], self::ONTO_THE, true);
    }

    /** The colour of a thing or place that something in a colour said before is painted on. */
    private function isOfWhatLiesThere(int $at): bool
    {
        $next = $this->parts[$at + 1] ?? null;
        $isOfNext = $next !== null && ! $next->opensClause && ($next->kind->names() || $next->kind === PartKind::Zone);
        $isLed = in_array($this->parts[$at - 1]->spoken ?? '', self::ONTO, true);
        $saidBefore = array_filter(array_slice($this->parts, 0, $at), static fn (Part $part): bool => $part->kind === PartKind::Colour);

        return $isOfNext && $isLed && $saidBefore !== [];
    }

    /** @param  list<Colour>  $colours */
    private static function isAmong(Colour $colour, array $colours): bool
    {
        return array_filter($colours, static fn (Colour $one): bool => $one->equals($colour) && $one->name === $colour->name) !== [];
    }

    /** @return list<Guide> */
    public function guides(): array
    {
        return $this->values(PartKind::Guide, Guide::class);
    }

    /**
     * "Black nose with highlight", "tongue on the chin with a line down it": what the line paints first, without what comes with it.
     * "Fill with a round 4" and "texture with white flicks" have nothing in front that could be painted.
     */
    public function main(): self
    {
        $names = false;
        foreach ($this->parts as $at => $part) {
            $isWith = in_array($part->spoken, ['with', 'w'], true) && $this->bringsAlong($at);
            if ($names && ($isWith || (! $part->opensClause && $this->isNoseAnd($at)))) {
                $end = $at;
                while (isset($this->parts[$end]) && ($end === $at || ! $this->parts[$end]->opensClause)
                    && $this->parts[$end]->kind !== PartKind::Time) {
                    $end++;
                }

                return new self([...array_slice($this->parts, 0, $at), ...array_slice($this->parts, $end)], $this->text);
            }
            $isLed = ($this->parts[$at - 1] ?? null)?->kind === PartKind::Between;
            if ($part->kind === PartKind::Technique) {
                return $this;
            }
            $names = $names || $part->kind === PartKind::Thing || ($part->kind === PartKind::Zone && ! $isLed);
        }

        return $this;
    }

    /** "Black nose and line to the lip": the nose is what is filled. */
    private function isNoseAnd(int $at): bool
    {
        return in_array($this->parts[$at]->spoken, ['and', '&', '+'], true)
            && preg_match('/\bnose(?: tip)?$/', $this->parts[$at - 1]->spoken) === 1
            && in_array($this->parts[$at + 1]->spoken ?? '', ['line', 'a line', 'lines', 'mouth line'], true);
    }

    /** A mark or a thing, and no tool or paint, behind "with". */
    private function bringsAlong(int $at): bool
    {
        for ($next = $at + 1; isset($this->parts[$next]) && ! $this->parts[$next]->opensClause; $next++) {
            $kind = $this->parts[$next]->kind;
            if ($kind === PartKind::Thing || $kind === PartKind::Technique) {
                return true;
            }
            if (! in_array($kind, [PartKind::Between, PartKind::Quality, PartKind::Colour, PartKind::Count], true)) {
                return false;
            }
        }

        return false;
    }

    /** Without the parts that speak of steps above. */
    public function without(PartKind ...$kinds): self
    {
        return new self(
            array_values(array_filter($this->parts, static fn (Part $part): bool => ! in_array($part->kind, $kinds, true))),
            $this->text,
        );
    }

    /** @param  list<Part>  $parts */
    public function withoutParts(array $parts): self
    {
        return $parts === [] ? $this : new self(
            array_values(array_filter($this->parts, static fn (Part $part): bool => ! in_array($part, $parts, true))),
            $this->text,
        );
    }
}
