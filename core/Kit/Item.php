<?php

declare(strict_types=1);

namespace Core\Kit;

use Core\Colour\Finish;
use Core\Colour\PaintKind;
use Core\Design\Colour;

/** One thing of the kit, or several alike. Steps call it by its name. */
final readonly class Item
{
    /**
     * @param  int  $howMany  pieces, 0 when it ran out
     * @param  list<Colour>  $colours  of a paint, glitter or gem; of a split cake in their order
     * @param  int|null  $gramsLeft  of a paint or glitter; null when nobody weighed it
     * @param  int|null  $lengthMillimetres  of a split cake
     * @param  int|null  $widthMillimetres  of a sponge
     * @param  string  $reservedFor  the colour that a brush keeps; empty for none
     * @param  bool  $isGel  glitter carried by a gel, which sticks to dry paint
     * @param  bool  $isSelfStick  gems that need no glue
     * @param  string  $owner  whose bag it is in; empty for the team's things
     * @param  string  $home  of the team's things, who takes it home; empty where nobody has said
     *
     * @throws InvalidItem when nameless or with a number that makes no sense
     */
    public function __construct(
        public string $id,
        public ItemKind $kind,
        public string $name,
        public int $howMany = 1,
        public array $colours = [],
        public ?PaintKind $paintKind = null,
        public ?Finish $finish = null,
        public ?int $gramsLeft = null,
        public ?int $lengthMillimetres = null,
        public ?int $widthMillimetres = null,
        public string $reservedFor = '',
        public bool $isSkinSafe = true,
        public bool $hasLatex = false,
        public bool $isGel = false,
        public bool $isSelfStick = false,
        public string $owner = '',
        public string $home = '',
    ) {
        match (true) {
            trim($name) === '' => throw InvalidItem::withoutName(),
            $howMany < 0 || $howMany > Defaults::MOST_PIECES => throw InvalidItem::pieces($name, $howMany),
            $kind === ItemKind::Paint && $colours === [] => throw InvalidItem::withoutColour($name),
            default => null,
        };
    }

    public function isSplitCake(): bool
    {
        return $this->paintKind === PaintKind::Split;
    }

    /**
     * Whether a split cake carries these colours side by side, in this order or the other way round.
     *
     * @param  list<Colour>  $colours
     */
    public function isCakeOf(array $colours): bool
    {
        $own = array_column($this->colours, 'hex');
        $wanted = array_column($colours, 'hex');

        return $this->isSplitCake() && ($own === $wanted || array_reverse($own) === $wanted);
    }

    /** Whether that colour comes out of this paint, by its value or its name. */
    public function isPaintOf(Colour $colour): bool
    {
        $isNamed = static fn (string $name): bool => $colour->name !== '' && mb_strtolower($name) === mb_strtolower($colour->name);
        foreach ($this->kind === ItemKind::Paint ? $this->colours : [] as $own) {
            if ($own->equals($colour) || $isNamed($own->name)) {
                return true;
            }
        }

        return $this->kind === ItemKind::Paint && $isNamed($this->name);
    }

    public function isRunningOut(): bool
    {
        return $this->howMany === 0 || ($this->gramsLeft !== null && $this->gramsLeft <= Defaults::LOW_GRAMS);
    }

    /** Painters do not mind capital letters. */
    public function isCalled(string $name): bool
    {
        return mb_strtolower(trim($this->name)) === mb_strtolower(trim($name));
    }
}
