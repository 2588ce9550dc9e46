<?php

declare(strict_types=1);

namespace Core\Plan\Simulation\Internal;

/** What each child of a run chooses, and how long the artist takes over it. */
final class Painting
{
    /** The design that was painted last, in the order of the menu. */
    public int $offer = 0;

    /** 1 where its quick version was painted. */
    public int $version = 0;

    /** @var array<int, float> by design: how often it is asked for now */
    private array $weights = [];

    private float $all = 0.0;

    /** @var list<float> by artist: the day's own factor */
    private array $factors = [];

    /** @var array<int, int> by artist x designs + design: faces of that day */
    private array $painted = [];

    /** @var array<int, int> faces by design x 2 + version */
    public array $faces;

    // What every face needs, kept at hand.

    private readonly int $offers;

    private readonly float $contagion;

    private readonly int $quickAbove;

    /** @var list<int> */
    private readonly array $middles;

    /** @var list<list<float>> */
    private readonly array $spreads;

    /** @var list<list<float>|null> */
    private readonly array $learning;

    public function __construct(private readonly Compiled $plan)
    {
        $this->offers = $plan->offers;
        $this->contagion = $plan->contagion;
        $this->quickAbove = $plan->quickAbove;
        $this->middles = $plan->middles;
        $this->spreads = $plan->factors;
        $this->learning = $plan->learning;
        $this->faces = array_fill(0, 2 * $plan->offers, 0);
    }

    /** @param  int  $chance  of the day */
    public function begin(int $chance): void
    {
        $this->weights = $this->plan->weights;
        $this->all = array_sum($this->weights);
        $this->factors = [];
        foreach ($this->plan->days as $factors) {
            $this->factors[] = $factors[$chance & Draws::CELL];
            // Another part of the word for each artist: there are eight at most, which may well overlap by some bits.
            $chance = ($chance >> 7) ^ ($chance << 57);
        }
        $this->painted = array_fill(0, $this->plan->artists * $this->plan->offers, 0);
    }

    /**
     * Choices follow an urn: each makes the same one likelier (G. Polya, "Sur quelques points de la theorie des probabilites", 1931).
     *
     * @param  int  $chance  the child's own
     * @param  int  $waiting  children in the line behind it
     * @return int milliseconds
     */
    public function of(int $artist, int $chance, int $waiting): int
    {
        $left = ($chance & 65535) * $this->all / 65536.0;
        $offer = -1;
        while ($left >= 0.0 && $offer < $this->offers - 1) {
            $left -= $this->weights[++$offer];
        }
        $this->weights[$offer] += $this->contagion;
        $this->all += $this->contagion;
        $this->offer = $offer;
        $this->version = $waiting > $this->quickAbove ? 1 : 0;
        $this->faces[$offer * 2 + $this->version]++;
        $of = $artist * $this->offers + $offer;
        $kind = $of * 2 + $this->version;
        $time = $this->middles[$kind] * $this->factors[$artist] * $this->spreads[$kind][($chance >> 16) & Draws::CELL];
        $learning = $this->learning[$of];
        if ($learning !== null) {
            $time *= $learning[$this->painted[$of]];
            $this->painted[$of] += $this->painted[$of] < Compiled::LEARNED - 1 ? 1 : 0;
        }

        return (int) $time;
    }
}
