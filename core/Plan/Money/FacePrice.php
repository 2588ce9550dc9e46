<?php

declare(strict_types=1);

namespace Core\Plan\Money;

/** What a face has to cost at an event where each is paid for; amounts in the smallest unit of the currency. */
final readonly class FacePrice
{
    /**
     * @param  int  $wages  of all paid hours
     * @param  int  $outlay  that is gone before the first face: the way, the place
     * @param  int  $materials  of one face
     */
    private function __construct(public int $wages, public int $outlay, public int $materials) {}

    public static function of(Rates $rates, Costs $costs, Work $work): self
    {
        return new self(
            wages: (int) round($rates->hour * $work->paid($rates, $costs)->milliseconds / 3_600_000),
            outlay: 2 * $costs->kilometres * $rates->kilometre + $costs->pitch,
            materials: $rates->materials,
        );
    }

    /** The mean price with which so many faces bring everybody the wished hour, to the unit; null where there are none. */
    public function forTheHour(float $faces): ?int
    {
        return $faces < 1e-9 ? null : $this->materials + (int) ceil(($this->wages + $this->outlay) / $faces - 1e-9);
    }

    /**
     * The same, by design: who sits longer pays for it.
     *
     * @param  list<float>  $faces  of each design
     * @param  list<float>  $minutes  that a face of each keeps a chair, the turnaround in them
     * @return list<int>|null
     */
    public function byDesign(array $faces, array $minutes): ?array
    {
        $all = array_sum(array_map(static fn (float $count, float $each): float => $count * $each, $faces, $minutes));
        if ($all < 1e-9) {
            return null;
        }
        $minute = ($this->wages + $this->outlay) / $all;

        return array_map(fn (float $each): int => EasyAmount::ofFace($this->materials + (int) ceil($minute * $each - 1e-9)), $minutes);
    }

    /** So many faces at that mean price bring back what was laid out; null where they never do. */
    public function breakEven(float $price): ?int
    {
        return match (true) {
            $this->outlay === 0 => 0,
            $price - $this->materials < 1e-9 => null,
            default => (int) ceil($this->outlay / ($price - $this->materials) - 1e-9),
        };
    }

    /** The mean price at which so many faces just bring back what was laid out, and nothing for the work. */
    public function breakEvenPrice(float $faces): ?int
    {
        return $faces < 1e-9 ? null : $this->materials + (int) ceil($this->outlay / $faces - 1e-9);
    }
}
