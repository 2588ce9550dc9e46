<?php

declare(strict_types=1);

namespace Core\Ladder;

use Core\Design\Alternative;
use Core\Design\InvalidStep;
use Core\Design\Place\Side;
use Core\Design\Step;

/** One way that a step can be in a version: as typed, painted another way, or left out. */
final readonly class Option
{
    /**
     * @param  Step|null  $step  null when it is left out
     * @param  int  $look  tenths of a look value
     * @param  string  $words  what is done differently, such as “Foam dots” left out; empty for as typed
     */
    private function __construct(public ?Step $step, public int $look, public string $words) {}

    /** @return non-empty-list<self> as typed first */
    public static function of(Step $step, LookShares $shares = new LookShares): array
    {
        return [
            self::asTyped($step),
            ...array_filter(
                array_map(static fn (Alternative $way): ?self => self::otherWay($step, $way, $shares), $step->alternatives),
                static fn (?self $way): bool => $way !== null,
            ),
            ...($step->optional ? [new self(null, 0, "“{$step->name}” left out")] : []),
        ];
    }

    public static function asTyped(Step $step): self
    {
        return new self($step, $step->look * Defaults::TENTHS, '');
    }

    /** The step on one side only, for another one of its motif is. */
    public static function onOneSide(Step $step, Side $side, LookShares $shares): ?self
    {
        return self::otherWay(
            $step,
            new Alternative(medium: $step->medium, technique: $step->technique, tool: $step->tool, time: null, count: null, side: $side),
            $shares,
        );
    }

    /** Left out with the step that it serves, which says so for both. */
    public static function leftOutToo(): self
    {
        return new self(null, 0, '');
    }

    /** Null where nobody can paint it that way, such as the tip of the nose on the left only. */
    private static function otherWay(Step $step, Alternative $way, LookShares $shares): ?self
    {
        try {
            $painted = $step->painted($way);
        } catch (InvalidStep) {
            return null;
        }
        $look = $way->look ?? $step->look * $shares->share($step, $painted);

        return new self($painted, (int) round($look * Defaults::TENTHS), self::words($step, $painted));
    }

    private static function words(Step $step, Step $painted): string
    {
        $isOther = $painted->technique !== $step->technique || $painted->medium !== $step->medium || $painted->tool !== $step->tool;
        $count = $painted->technique->isCounted() && $painted->strokes() !== $step->strokes()
            ? "{$painted->strokes()} {$painted->technique->plural()}"
            : '';
        $how = array_diff([
            $isOther && $count === '' ? trim(
                "{$painted->technique->label()}".($painted->tool === '' ? '' : " with {$painted->tool}"),
            ) : $count,
            $painted->coats === $step->coats ? '' : "{$painted->coats} ".($painted->coats === 1 ? 'coat' : 'coats'),
            $painted->side === $step->side ? ''
                : ($painted->side->isOneSided() ? "{$painted->side->value} side only" : "{$painted->side->value} sides"),
        ], ['']);

        return "“{$step->name}”: ".($how === [] ? 'the other way' : implode(', ', $how));
    }
}
