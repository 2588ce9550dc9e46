<?php

declare(strict_types=1);

namespace Core\Timeline;

use Core\Design\Colour;
use Core\Design\Medium;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Kit\BenchAction;
use Core\Kit\BenchTimes;
use Core\Kit\Defaults as KitDefaults;
use Core\Kit\Kit;
use Core\Units\Duration;

/** What the hands need between two consecutive steps, by the painter's own bench times and what the kit holds. */
final readonly class ChangeoverMatrix
{
    /** @param  Kit|null  $typedWith  what lay on the table when the seconds of steps were typed; null for the same kit */
    public function __construct(private BenchTimes $times, private Kit $kit, private ?Kit $typedWith = null) {}

    /** The team's starting values, with one brush of each kind. */
    public static function starting(): self
    {
        return new self(BenchTimes::starting(), Kit::empty());
    }

    /** What the hands need where seconds were typed: with the kit of whoever typed them. */
    public function typed(): self
    {
        return $this->typedWith === null ? $this : new self($this->times, $this->typedWith);
    }

    /** The first step of a face costs nothing: its tool lies loaded on the table. */
    public function between(?Step $from, Step $to): Duration
    {
        if ($from === null || $to->technique === Technique::Wait) {
            return Duration::zero();
        }

        return $this->handWipe($from, $to)->plus($this->tool($from, $to));
    }

    /** Whether the same brush is rinsed between the two, for the kit holds no other one. */
    public function rinses(Step $from, Step $to): bool
    {
        return $to->medium === Medium::Brush && $from->medium === Medium::Brush && $this->toolName($from) === $this->toolName($to)
            && ! $to->usesColoursOf($from) && ! $this->hasAnotherBrush($to);
    }

    private function handWipe(Step $from, Step $to): Duration
    {
        $dirty = $from->medium === Medium::Glitter || $from->medium === Medium::Gem;

        return $dirty && $to->medium->isPaintedOn() ? $this->times->of(BenchAction::HandWipe) : Duration::zero();
    }

    private function tool(Step $from, Step $to): Duration
    {
        if ($from->medium !== $to->medium || $this->toolName($from) !== $this->toolName($to)) {
            return $this->newTool($to);
        }

        return $to->usesColoursOf($from) ? Duration::zero() : $this->newColour($from, $to);
    }

    private function newTool(Step $to): Duration
    {
        return match ($to->medium) {
            Medium::Stencil => $this->times->of(BenchAction::PlaceStencil),
            Medium::Glitter, Medium::Gem => $this->times->of(BenchAction::Pouch),
            Medium::Bare => $this->times->of(BenchAction::PickUp),
            Medium::Sponge, Medium::Brush, Medium::Powder => $this->times->of(BenchAction::PickUp)->plus($this->load($to)),
        };
    }

    private function newColour(Step $from, Step $to): Duration
    {
        if ($to->medium !== Medium::Brush) {
            return $to->medium->isPaintedOn() ? $this->times->of(BenchAction::Turn) : $this->newTool($to);
        }

        return $this->hasAnotherBrush($to)
            ? $this->times->of(BenchAction::PickUp)->plus($this->load($to))
            : $this->rinse($from, $to)->plus($this->load($to));
    }

    /** One that keeps this colour, or a second one of the same kind. */
    private function hasAnotherBrush(Step $to): bool
    {
        $reserved = $to->colours === [] ? null : $this->kit->brushReservedFor($to->colours[0]);

        return $reserved !== null || ($this->kit->named($to->tool)->howMany ?? 1) > 1;
    }

    private function load(Step $to): Duration
    {
        $load = $this->times->of(BenchAction::Load);
        $inHand = $to->medium === Medium::Brush && count($to->colours) === 1 && $this->isBlackOrWhite($to->colours[0])
            && $this->kit->hasCakeInHand();

        return $inHand ? $load->times(KitDefaults::CAKE_IN_HAND_SHARE) : $load;
    }

    private function rinse(Step $from, Step $to): Duration
    {
        $rinse = $this->times->of(BenchAction::Rinse);

        return $this->lightest($to) > $this->lightest($from) ? $rinse : $rinse->times(KitDefaults::RINSE_TO_DARKER_SHARE);
    }

    private function isBlackOrWhite(Colour $colour): bool
    {
        return $colour->luminance() < Colour::NEARLY_BLACK || $colour->luminance() > Colour::NEARLY_WHITE;
    }

    private function toolName(Step $step): string
    {
        return mb_strtolower(trim($step->tool));
    }

    private function lightest(Step $step): float
    {
        return array_reduce(
            $step->colours,
            static fn (float $most, Colour $colour): float => max($most, $colour->luminance()),
            0.0,
        );
    }
}
