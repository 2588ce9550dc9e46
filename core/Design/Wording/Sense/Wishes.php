<?php

declare(strict_types=1);

namespace Core\Design\Wording\Sense;

use Core\Design\Medium;
use Core\Design\Pin;
use Core\Design\PinKind;
use Core\Design\Step;
use Core\Design\Wording\Part;
use Core\Design\Wording\PartKind;
use Core\Design\Wording\StepReading;
use Core\Design\Wording\Words\Place;

/** What a typed line wants of the order. */
final readonly class Wishes
{
    /** The words for a kind of step, where no step is called so. */
    private const KINDS = [
        'line work' => 'line work', 'linework' => 'line work', 'line' => 'line work', 'outline' => 'line work',
        'glitter' => Medium::Glitter, 'gem' => Medium::Gem, 'base' => Medium::Sponge, 'powder' => Medium::Powder,
        'stencil' => Medium::Stencil,
    ];

    /** @param  list<array{Place, string}>  $places  where it is wanted, and before or after what */
    private function __construct(private Step $step, private array $places, private ?Step $needs) {}

    private static function of(StepReading $reading): self
    {
        $places = [];
        foreach ($reading->parts as $at => $part) {
            $place = $part->kind === PartKind::Order ? self::place($part) : null;
            // "First I sponge" tells a story; "on the lids first" wants something.
            $isStory = $place !== null && in_array($place[0], [Place::First, Place::Last], true) && $at === 0;
            $places = $place === null || $isStory ? $places : [...$places, $place];
        }
        // What may be left out takes with it what is painted on it.
        $needed = array_values(array_filter($reading->speaksOf, static fn (Step $step): bool => $step->optional))[0] ?? null;

        return new self($reading->step, $places, $needed);
    }

    /**
     * @param  list<StepReading>  $made
     * @return list<Pin> each once
     */
    public static function pins(array $made, Context $context): array
    {
        $pins = [];
        foreach ($made as $reading) {
            foreach (self::of($reading)->wanted($context) as $pin) {
                $pins["{$pin->kind->value} ".implode(' ', $pin->steps)] = $pin;
            }
        }
        $onlyOne = static fn (PinKind $kind): bool => count(array_filter($pins, static fn (Pin $pin): bool => $pin->kind === $kind)) < 2;

        return array_values(array_filter(
            $pins,
            static fn (Pin $pin): bool => ! in_array($pin->kind, [PinKind::First, PinKind::Last], true) || $onlyOne($pin->kind),
        ));
    }

    /** @return array{Place, string}|null */
    private static function place(Part $part): ?array
    {
        return match (true) {
            $part->value instanceof Place => [$part->value, ''],
            is_array($part->value) && ($part->value[0] ?? null) instanceof Place && is_string($part->value[1] ?? null) => [
                $part->value[0],
                $part->value[1],
            ],
            default => null,
        };
    }

    /** @return list<Pin> */
    private function wanted(Context $context): array
    {
        $pins = $this->needs === null ? [] : [new Pin(PinKind::Needs, [$this->step->id, $this->needs->id])];
        foreach ($this->places as [$place, $what]) {
            $other = $this->other($place, $what, $context);
            $pins[] = match (true) {
                $place === Place::First => new Pin(PinKind::First, [$this->step->id]),
                $place === Place::Last => new Pin(PinKind::Last, [$this->step->id]),
                $other === null => null,
                $place === Place::Before => new Pin(PinKind::Before, [$this->step->id, $other->id]),
                $place === Place::After => new Pin(PinKind::Before, [$other->id, $this->step->id]),
                default => new Pin(PinKind::WhileWet, [$other->id, $this->step->id]),
            };
        }

        return array_values(array_filter($pins));
    }

    /** The first such step for "before", the last such for "after", the last film below for "while wet". */
    private function other(Place $place, string $what, Context $context): ?Step
    {
        $steps = array_map(static fn (Earlier $earlier): Step => $earlier->step, $context->above);
        $own = (int) array_search($this->step->id, array_column($steps, 'id'), true);
        $before = array_reverse(array_slice($context->above, 0, $own));
        $fitting = match ($place) {
            Place::WhileWet => array_filter(
                $before,
                fn (Earlier $one): bool => $one->step->medium->isPaintedOn() && $one->step->touches($this->step),
            ),
            Place::Before => array_filter(
                array_slice($context->above, $own + 1),
                static fn (Earlier $one): bool => self::isCalled($one, $what),
            ),
            default => array_filter($before, static fn (Earlier $one): bool => self::isCalled($one, $what)),
        };

        return (array_values($fitting)[0] ?? null)?->step;
    }

    private static function isCalled(Earlier $step, string $what): bool
    {
        $last = strrchr($what, ' ');
        $noun = Earlier::noun($what);
        // "The white base" is a base.
        $kind = self::KINDS[$noun] ?? self::KINDS[$what] ?? ($last === false ? null : self::KINDS[Earlier::noun(trim($last))] ?? null);

        return in_array($noun, $step->nouns, true) || $step->step->medium === $kind
            || ($kind === 'line work' && $step->step->medium === Medium::Brush && Earlier::isLineWork($step->step->technique));
    }
}
