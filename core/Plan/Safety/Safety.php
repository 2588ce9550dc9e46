<?php

declare(strict_types=1);

namespace Core\Plan\Safety;

use Core\Design\Design;
use Core\Design\Medium;
use Core\Design\Place\Placement;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Kit\Item;
use Core\Kit\ItemKind;
use Core\Kit\Kit;
use Core\Line\Caution;

/**
 * What each answer before painting means for a design: what is left out, what is done instead, and when it is not painted. The usual
 * cautions of the trade (common practice, no source); local codes and licensed practice come first. No medical advice.
 */
final readonly class Safety
{
    private function __construct(private Design $design, private Kit $kit) {}

    /**
     * @param  Kit  $kit  what is on the table
     * @return list<Advice> one for each caution, in the order they are asked
     */
    public static function of(Design $design, Kit $kit): array
    {
        $safety = new self($design, $kit);

        return array_map($safety->advice(...), Caution::cases());
    }

    private function advice(Caution $caution): Advice
    {
        return match ($caution) {
            Caution::Guardian => new Advice($caution, true, [], 'Nothing is painted without the yes of a parent or guardian.'),
            Caution::UnderThree => $this->underThree(),
            Caution::Skin => $this->skin(),
            Caution::Latex => $this->latex(),
            Caution::Eyes => $this->around($caution, static fn (Zone $zone): bool => $zone->isEye(), 'the eyes'),
            Caution::Lips => $this->around($caution, static fn (Zone $zone): bool => $zone->isLip(), 'the lips'),
            Caution::Photo => new Advice($caution, false, [], 'No photo of this child, by nobody of the team.'),
        };
    }

    private function underThree(): Advice
    {
        $placement = $this->design->placement;
        if ($placement === Placement::FullFace || $placement === Placement::Mask || $placement === Placement::Eye) {
            return new Advice(
                Caution::UnderThree,
                true,
                [],
                'No full face and no mask under three. Offer a small mark on a cheek or a hand, with the parent beside.',
            );
        }
        $out = $this->steps(static fn (Step $step): bool => $step->medium === Medium::Gem || $step->technique === Technique::LooseGlitter);

        return $this->without(
            Caution::UnderThree,
            $out,
            'A small mark only, with the parent beside.',
            'Gems can be swallowed and loose glitter gets into eyes.',
        );
    }

    private function skin(): Advice
    {
        return $this->design->placement->isOnLimb()
            ? new Advice(Caution::Skin, false, [], 'Paint where the skin is whole and calm only; a child who is sick is not painted.')
            : new Advice(
                Caution::Skin,
                true,
                [],
                'Broken or sunburnt skin, a rash, a cold sore, a sore eye, sick these days: this is not painted. Offer an arm or a hand '
                    .'where the skin is whole, or nothing today.',
            );
    }

    private function latex(): Advice
    {
        $glued = $this->steps($this->isGlued(...));
        if ($glued === []) {
            return new Advice(Caution::Latex, false, [], 'Nothing of this design is glued. Keep skin glue and lash glue away.');
        }
        $names = self::names($glued);
        $gems = array_filter($this->kit->ofKind(ItemKind::Gem), static fn (Item $gem): bool => $gem->isSelfStick);
        $selfStick = array_values($gems)[0] ?? null;

        return $selfStick === null
            ? $this->without(Caution::Latex, $glued, 'No glue.', 'No self-stick gem is in the kit.')
            : new Advice(Caution::Latex, false, [], "No glue: {$selfStick->name} in place of what is glued ({$names}).");
    }

    /** @param  callable(Zone): bool  $isThere */
    private function around(Caution $caution, callable $isThere, string $place): Advice
    {
        $whole = $this->steps(static fn (Step $step): bool => $step->zones !== []
            && array_filter($step->zones, static fn (Zone $zone): bool => ! $isThere($zone)) === []);
        $partly = array_filter(
            $this->steps(static fn (Step $step): bool => array_filter($step->zones, $isThere) !== []),
            static fn (Step $step): bool => ! in_array($step, $whole, true),
        );
        if ($whole === [] && $partly === []) {
            return new Advice($caution, false, [], "This design stays away from {$place}.");
        }
        if (count($whole) === count($this->design->steps)) {
            return new Advice($caution, true, [], "All of this design is at {$place}. Offer another one, on a cheek or an arm.");
        }
        $apart = $partly === [] ? '' : 'Stay a finger’s width away from '.$place.' with '.self::names(array_values($partly)).'.';

        return $whole === [] ? new Advice($caution, false, [], $apart) : $this->without($caution, $whole, '', $apart);
    }

    /** @param  list<Step>  $out */
    private function without(Caution $caution, array $out, string $first, string $why): Advice
    {
        $left = $out === [] ? '' : 'Without '.self::names($out).'.';

        return new Advice(
            $caution,
            $out !== [] && count($out) === count($this->design->steps),
            array_column($out, 'id'),
            implode(' ', array_filter(
                [$first, $left, $out === [] && $first !== '' ? '' : $why],
                static fn (string $words): bool => $words !== '',
            )),
        );
    }

    /**
     * @param  callable(Step): bool  $is
     * @return list<Step>
     */
    private function steps(callable $is): array
    {
        return array_values(array_filter($this->design->steps, $is));
    }

    private function isGlued(Step $step): bool
    {
        $tool = $this->kit->named($step->tool);

        return $tool?->kind === ItemKind::Glue
            || ($step->medium === Medium::Gem && $tool?->isSelfStick !== true && ! str_contains(strtolower($step->tool), 'self'));
    }

    /** @param  list<Step>  $steps */
    private static function names(array $steps): string
    {
        $names = array_map(static fn (Step $step): string => "“{$step->name}”", $steps);
        $last = array_pop($names);

        return $names === [] ? (string) $last : implode(', ', $names)." and {$last}";
    }
}
