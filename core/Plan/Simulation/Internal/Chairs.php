<?php

declare(strict_types=1);

namespace Core\Plan\Simulation\Internal;

use Core\Plan\Simulation\PlayedFace;

/** The chairs of one day: who paints whom, and when each is free again. */
final class Chairs
{
    public Children $children;

    public readonly Painting $painting;

    private readonly Shifts $shifts;

    /** @var list<int> */
    private array $arrivals = [];

    /** @var list<int> */
    private array $chances = [];

    /** @var list<float> */
    private readonly array $turnaround;

    private readonly int $open;

    /** @var list<int> waits of those who were painted */
    public array $waits = [];

    public int $idle = 0;

    /** When the first child came who was not painted by closing. */
    public int $late = Shifts::NEVER;

    /** @var array<int, int> by artist: when the last face is done */
    public array $done = [];

    /** @var list<PlayedFace>|null what happened, where somebody looks on */
    public ?array $watched = null;

    public function __construct(private readonly Compiled $plan, private readonly Crowd $crowd)
    {
        $this->painting = new Painting($plan);
        $this->shifts = new Shifts($plan->scenario->artists, $plan);
        $this->turnaround = $plan->turnaround;
        $this->open = $plan->open;
    }

    /** @return list<int> when each artist is free for the first child */
    public function begin(int $run): array
    {
        [$this->arrivals, $this->chances, $day] = $this->crowd->of($run);
        $this->children = new Children($this->arrivals, $this->chances, $this->plan->patience);
        $this->painting->begin($day);
        $this->waits = $this->done = [];
        $this->idle = 0;
        $this->late = Shifts::NEVER;

        return $this->shifts->begin();
    }

    /**
     * @param  int  $from  since when the artist has been free
     * @param  int  $waiting  children in the line behind that one
     * @return int when the artist is free again
     */
    public function paint(int $artist, int $child, int $from, int $waiting): int
    {
        $arrived = $this->arrivals[$child];
        $chance = $this->chances[$child];
        $start = $from > $arrived ? $from : $arrived;
        $finish = $start + $this->painting->of($artist, $chance, $waiting);
        $this->waits[] = $start - $arrived;
        $this->idle += $start - $from;
        $this->done[$artist] = $finish;
        if ($finish > $this->open && $arrived < $this->late) {
            $this->late = $arrived;
        }
        $free = $finish + (int) $this->turnaround[($chance >> 28) & Draws::CELL];
        if ($this->watched !== null) {
            $this->watched[] = new PlayedFace(
                child: $child,
                arrived: $arrived,
                artist: $artist,
                offer: $this->painting->offer,
                version: $this->painting->version,
                seated: $start,
                painted: $finish,
                free: $free,
            );
        }

        return $this->shifts->freeAt($artist, $free);
    }
}
