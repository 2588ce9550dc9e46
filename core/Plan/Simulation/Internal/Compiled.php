<?php

declare(strict_types=1);

namespace Core\Plan\Simulation\Internal;

use Core\Plan\Simulation\Artist;
use Core\Plan\Simulation\FaceTime;
use Core\Plan\Simulation\Offer;
use Core\Plan\Simulation\Scenario;

/** A scenario as tables of whole milliseconds, made once and drawn from in every run. */
final readonly class Compiled
{
    /** Faces of one design in a day up to which repetition is reckoned anew. */
    public const LEARNED = 128;

    public int $open;

    /** When names are last taken. */
    public int $names;

    public int $artists;

    public int $offers;

    /** Waiting children from which on nobody joins the line. */
    public int $longest;

    /** Waiting children above which the quick version is painted. */
    public int $quickAbove;

    /** @var list<int> middle of a face by (artist x designs + design) x 2 + version */
    public array $middles;

    /** @var list<list<float>> factor of it by the same, and cell */
    public array $factors;

    /** @var list<list<float>|null> by artist x designs + design, and faces painted of it that day; null where nothing is learned */
    public array $learning;

    /** @var list<list<float>> by artist and cell: a day's own factor */
    public array $days;

    /** @var list<float> by cell, in milliseconds */
    public array $turnaround;

    /** @var list<int>|null by cell, null where children stay */
    public ?array $patience;

    /** @var list<float> by design */
    public array $weights;

    /** What each choice adds to the weight of its design. */
    public float $contagion;

    /** @var list<int> by design */
    public array $prices;

    /** @var list<float> by design x 2 + version */
    public array $looks;

    public function __construct(public Scenario $scenario)
    {
        $rules = $scenario->rules;
        $draws = new Draws;
        $this->open = $scenario->open->milliseconds;
        $this->names = min($this->open, $rules->stopNamesAt->milliseconds ?? $this->open);
        $this->artists = count($scenario->artists);
        $this->offers = count($scenario->menu);
        $this->longest = $rules->longest === null ? PHP_INT_MAX : $rules->longest * $this->artists;
        $this->quickAbove = $rules->quickAbove ?? PHP_INT_MAX;
        $times = array_merge(...array_column($scenario->artists, 'times'));
        $both = array_merge(...array_map(static fn (array $versions): array => [$versions[0], $versions[1] ?? $versions[0]], $times));
        $this->middles = array_map(static fn (FaceTime $time): int => $time->middle->milliseconds, $both);
        $this->factors = array_map($draws->factors(...), $both);
        $this->learning = array_map(static fn (array $versions): ?array => self::learning($versions[0]), $times);
        $this->days = array_map(
            static fn (Artist $artist): array => $draws->logNormal(max(0.0, ...array_map(
                static fn (array $versions): float => $versions[0]->doubt,
                $artist->times,
            ))),
            $scenario->artists,
        );
        $turnaround = $scenario->turnaround->milliseconds;
        $this->turnaround = array_map(
            static fn (float $factor): float => $turnaround * $factor,
            $draws->logNormal($scenario->turnaroundSpread),
        );
        $this->patience = $rules->patience === null ? null : array_map(
            static fn (float $draw): int => (int) round($draw * $rules->patience->milliseconds / log(2.0)),
            Draws::exponential(),
        );
        $this->weights = array_column($scenario->menu, 'weight');
        $this->contagion = $rules->contagion * array_sum($this->weights);
        $this->prices = array_column($scenario->menu, 'price');
        $this->looks = array_merge(...array_map(
            static fn (Offer $offer): array => [$offer->looks[0], $offer->looks[1] ?? $offer->looks[0]],
            $scenario->menu,
        ));
    }

    /** @return list<float>|null */
    private static function learning(FaceTime $time): ?array
    {
        return $time->slope === 0.0 ? null : array_map(
            static fn (int $more): float => (($time->nth + 1 + $more) / ($time->nth + 1)) ** $time->slope,
            range(0, self::LEARNED - 1),
        );
    }
}
