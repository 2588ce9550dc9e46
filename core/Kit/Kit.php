<?php

declare(strict_types=1);

namespace Core\Kit;

use Core\Colour\Difference;
use Core\Design\Colour;
use Core\Design\Medium;

/** All that a team owns, in one bag or in several. */
final readonly class Kit
{
    /** @var array<string, Item> by name in small letters; the first of a name */
    private array $byName;

    /** @var array<string, Item> brushes that keep a colour, by its name in small letters */
    private array $reserved;

    /** @param  list<Item>  $items */
    public function __construct(public array $items)
    {
        $byName = $reserved = [];
        foreach ($items as $item) {
            $byName[self::key($item->name)] ??= $item;
            if ($item->kind === ItemKind::Brush && $item->howMany > 0 && $item->reservedFor !== '') {
                $reserved[mb_strtolower($item->reservedFor)] ??= $item;
            }
        }
        $this->byName = $byName;
        $this->reserved = $reserved;
    }

    public static function empty(): self
    {
        return new self([]);
    }

    public function with(Item $item): self
    {
        return new self([...$this->items, $item]);
    }

    /** Whether painters have things of their own. */
    public function isInSeveralBags(): bool
    {
        return array_filter($this->items, static fn (Item $item): bool => $item->owner !== '') !== [];
    }

    /** What lies before one painter: the own bag, and after it the team's things. */
    public function bagOf(string $painter): self
    {
        $own = array_filter($this->items, static fn (Item $item): bool => $item->owner === $painter);
        $teams = array_filter($this->items, static fn (Item $item): bool => $item->owner === '');

        return new self([...array_values($own), ...array_values($teams)]);
    }

    /** @return list<Item> all of that name, in whichever bag */
    public function allNamed(string $name): array
    {
        return array_values(array_filter($this->items, static fn (Item $item): bool => $item->isCalled($name)));
    }

    /** Painters do not mind capital letters. */
    public function named(string $name): ?Item
    {
        return $this->byName[self::key($name)] ?? null;
    }

    /** @return list<Item> */
    public function ofKind(ItemKind $kind): array
    {
        return array_values(array_filter($this->items, static fn (Item $item): bool => $item->kind === $kind && $item->howMany > 0));
    }

    /** @return list<Flag> */
    public function flags(Item $item): array
    {
        $widest = $this->widestSponge();

        return array_values(array_filter([
            $item->kind->goesOnSkin() && ! $item->isSkinSafe ? Flag::UnsafeForSkin : null,
            $item->hasLatex ? Flag::ContainsLatex : null,
            $item->isRunningOut() ? Flag::RunningOut : null,
            $widest !== null && $item->isSplitCake() && $item->lengthMillimetres > $widest ? Flag::LongerThanSponges : null,
        ]));
    }

    /** @return array<string, Medium> what tools paint, by their names */
    public function tools(): array
    {
        $tools = [];
        foreach ($this->items as $item) {
            $medium = $item->kind->medium();
            $tools += $medium === null ? [] : [$item->name => $medium];
        }

        return $tools;
    }

    /** @return list<Colour> of the cakes of one colour, each by the name of its cake */
    public function colours(): array
    {
        $colours = [];
        foreach ($this->items as $item) {
            if ($item->kind === ItemKind::Paint && ! $item->isSplitCake()) {
                $colours[] = Colour::of($item->name, $item->colours[0]->hex);
            }
        }

        return $colours;
    }

    /** @return array<string, list<Colour>> the colours of split cakes, by the names of the cakes */
    public function cakes(): array
    {
        $cakes = [];
        foreach ($this->items as $item) {
            $cakes += $item->isSplitCake() ? [$item->name => $item->colours] : [];
        }

        return $cakes;
    }

    /** The paint that a colour comes out of, by its value or its name; a cake of that colour alone before a split cake. */
    public function paintOf(Colour $colour): ?Item
    {
        $split = null;
        foreach ($this->items as $item) {
            if ($item->kind === ItemKind::Paint && $item->howMany > 0 && $item->isPaintOf($colour)) {
                if (! $item->isSplitCake()) {
                    return $item;
                }
                $split ??= $item;
            }
        }

        return $split;
    }

    /** The paint or glitter of that colour, or of one so near that nobody would look for another; of those the nearest. */
    public function nearly(ItemKind $kind, Colour $colour, float $within = Defaults::SAME_COLOUR_WITHIN): ?Item
    {
        $exact = $kind === ItemKind::Paint ? $this->paintOf($colour) : null;
        $nearest = null;
        foreach ($exact === null ? $this->ofKind($kind) : [] as $item) {
            $apart = $item->colours === [] || $item->isSplitCake() ? INF : Difference::betweenHex($item->colours[0]->hex, $colour->hex);
            if ($apart <= $within) {
                [$within, $nearest] = [$apart, $item];
            }
        }

        return $exact ?? $nearest;
    }

    /** The first that lies ready of a kind, other than brushes that keep a colour. */
    public function anyOf(ItemKind $kind): ?Item
    {
        foreach ($this->ofKind($kind) as $item) {
            if ($item->reservedFor === '') {
                return $item;
            }
        }

        return null;
    }

    /**
     * The split cake that carries these colours side by side, in this order or the other way round.
     *
     * @param  list<Colour>  $colours
     */
    public function splitCakeOf(array $colours): ?Item
    {
        foreach ($this->ofKind(ItemKind::Paint) as $paint) {
            if ($paint->isCakeOf($colours)) {
                return $paint;
            }
        }

        return null;
    }

    /** Another thing of the same kind that may go on skin: of the nearest colour, where it has one. */
    public function safeLike(Item $thing): ?Item
    {
        $safe = array_filter(
            $this->ofKind($thing->kind),
            static fn (Item $item): bool => $item->isSkinSafe && $item->isGel === $thing->isGel,
        );
        $apart = static fn (Item $item): float => $item->colours === [] || $thing->colours === []
            ? 0.0
            : Difference::betweenHex($item->colours[0]->hex, $thing->colours[0]->hex);
        usort($safe, static fn (Item $one, Item $other): int => $apart($one) <=> $apart($other));

        return $safe[0] ?? null;
    }

    public function brushReservedFor(Colour $colour): ?Item
    {
        return $this->reserved[mb_strtolower($colour->name)] ?? null;
    }

    /** The half black, half white cake that is held in the hand for line work. */
    public function hasCakeInHand(): bool
    {
        foreach ($this->ofKind(ItemKind::Paint) as $paint) {
            if ($paint->isSplitCake() && count($paint->colours) === 2) {
                [$one, $other] = [$paint->colours[0]->luminance(), $paint->colours[1]->luminance()];
                if (min($one, $other) < Colour::NEARLY_BLACK && max($one, $other) > Colour::NEARLY_WHITE) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function key(string $name): string
    {
        return mb_strtolower(trim($name));
    }

    private function widestSponge(): ?int
    {
        $widths = array_map(static fn (Item $sponge): int => (int) $sponge->widthMillimetres, $this->ofKind(ItemKind::Sponge));
        $widest = $widths === [] ? 0 : max($widths);

        return $widest === 0 ? null : $widest;
    }
}
