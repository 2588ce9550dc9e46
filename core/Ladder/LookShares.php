<?php

declare(strict_types=1);

namespace Core\Ladder;

use Core\Design\Place\Side;
use Core\Design\Step;

/** Of a step's look, what another way leaves of it where the painter has not said. */
final readonly class LookShares
{
    /**
     * @param  float  $oneSide  when one side of two is painted
     * @param  float  $otherWay  with another medium or technique
     * @param  float  $fewerPower  strokes and coats to this power: half of them show more than half
     * @param  float  $moreCoats  with a coat more than the painter is content with
     */
    public function __construct(
        public float $oneSide = Defaults::ONE_SIDE_LOOK,
        public float $otherWay = Defaults::OTHER_WAY_LOOK,
        public float $fewerPower = Defaults::FEWER_STROKES_POWER,
        public float $moreCoats = Defaults::MORE_COATS_LOOK,
    ) {}

    public function share(Step $step, Step $painted): float
    {
        $sides = fn (Side $side): float => $side === Side::Both ? 1.0 : $this->oneSide;
        $isOther = $painted->technique !== $step->technique || $painted->medium !== $step->medium;
        $strokes = $isOther ? 1.0 : min(1.0, $painted->strokes() / $step->strokes()) ** $this->fewerPower;
        $coats = $painted->coats > $step->coats ? $this->moreCoats : ($painted->coats / $step->coats) ** $this->fewerPower;

        return min(1.0, $sides($painted->side) / $sides($step->side)) * $strokes * $coats * ($isOther ? $this->otherWay : 1.0);
    }
}
