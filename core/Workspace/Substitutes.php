<?php

declare(strict_types=1);

namespace Core\Workspace;

use Core\Design\Alternative;
use Core\Design\Colour;
use Core\Design\Medium;
use Core\Design\Step;
use Core\Kit\Defaults;
use Core\Kit\Item;
use Core\Kit\ItemKind;
use Core\Kit\Kit;
use Core\Timeline\StepTimes;
use Core\Units\Duration;

/** What a design uses and a kit lacks, with the slower way where there is one. */
final readonly class Substitutes
{
    public function __construct(private Kit $kit, private StepTimes $times) {}

    /**
     * Says nothing of a kit that is still empty.
     *
     * @param  list<Step>  $steps
     * @return list<Lack>
     */
    public function for(array $steps): array
    {
        return $this->kit->items === [] ? [] : array_merge(...array_map($this->forStep(...), $steps));
    }

    /** @return list<Lack> */
    private function forStep(Step $step): array
    {
        return array_values(array_filter([
            $this->tool($step),
            $this->splitCake($step),
            ...array_map(fn (Colour $colour): ?Lack => $this->colour($step, $colour), $step->colours),
        ]));
    }

    private function tool(Step $step): ?Lack
    {
        if ($step->tool === '' || ($this->kit->named($step->tool)->howMany ?? 0) > 0) {
            return null;
        }
        $other = $this->otherWay($step);
        if ($other !== null) {
            $extra = ($other->time ?? $this->times->of($step)->duration)->minus($this->times->of($step)->duration);

            return new Lack($step->id, $step->tool, $this->said($other), $extra);
        }
        if ($step->medium === Medium::Stencil) {
            $time = $this->times->of($step)->duration;

            return new Lack($step->id, $step->tool, 'dots freehand with a brush', $time->times(Defaults::FREEHAND_FACTOR)->minus($time));
        }
        $like = $this->likeIt($step);

        return new Lack($step->id, $step->tool, $like === null ? null : "{$like->name} instead", Duration::zero());
    }

    private function splitCake(Step $step): ?Lack
    {
        $onSponge = $step->medium === Medium::Sponge && count($step->colours) > 2;
        if (! $onSponge || $this->kit->splitCakeOf($step->colours) !== null) {
            return null;
        }
        $rows = count($step->colours);

        return new Lack(
            $step->id,
            'a split cake of '.implode(
                ', ',
                array_map(static fn (Colour $colour): string => $colour->name === '' ? $colour->hex : $colour->name, $step->colours),
            ),
            "{$rows} rows of single colours painted onto the sponge",
            Duration::ofSeconds($rows * Defaults::ROW_SECONDS),
        );
    }

    private function colour(Step $step, Colour $colour): ?Lack
    {
        $kind = match (true) {
            $step->medium->isPaintedOn() => ItemKind::Paint,
            $step->medium === Medium::Glitter => ItemKind::Glitter,
            default => null,
        };
        if ($kind === null || $this->kit->nearly($kind, $colour) !== null) {
            return null;
        }
        $name = $colour->name === '' ? $colour->hex : $colour->name;
        $other = $this->kit->nearly($kind, $colour, Defaults::OFFERED_WITHIN);

        return new Lack(
            stepId: $step->id,
            missing: "{$name} {$kind->label()}",
            instead: $other === null ? null : "{$other->name} instead",
            extra: Duration::zero(),
            kind: $colour->name === '' ? null : $kind,
            colour: $colour,
        );
    }

    private function otherWay(Step $step): ?Alternative
    {
        foreach ($step->alternatives as $way) {
            if ($way->tool === '' || ($this->kit->named($way->tool)->howMany ?? 0) > 0) {
                return $way;
            }
        }

        return null;
    }

    private function said(Alternative $way): string
    {
        return "{$way->technique->label()} with ".($way->tool === '' ? $way->medium->label() : $way->tool);
    }

    /** Another tool that paints the same. */
    private function likeIt(Step $step): ?Item
    {
        foreach ($this->kit->items as $item) {
            if ($item->kind->medium() === $step->medium && $item->howMany > 0 && $item->reservedFor === ''
                && $item->kind !== ItemKind::Glue) {
                return $item;
            }
        }

        return null;
    }
}
