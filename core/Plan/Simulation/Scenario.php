<?php

declare(strict_types=1);

namespace Core\Plan\Simulation;

use Core\Plan\Defaults;
use Core\Units\Duration;

/** An event as it is played through: who comes, what they may choose, who paints, and how the line is kept. */
final readonly class Scenario
{
    /** A rush is looked for in steps of half an hour. */
    private const RUSH_STEP = 1_800_000;

    /**
     * @param  Duration  $open  from opening to closing
     * @param  list<Offer>  $menu
     * @param  list<Artist>  $artists
     * @param  Duration  $turnaround  between two faces, its middle
     * @param  float  $turnaroundSpread  standard deviation of its logarithm
     *
     * @throws InvalidScenario when it cannot be played
     */
    public function __construct(
        public Duration $open,
        public Arrivals $arrivals,
        public array $menu,
        public array $artists,
        public Duration $turnaround,
        public LineRules $rules = new LineRules,
        public float $turnaroundSpread = Defaults::TURNAROUND_SPREAD,
    ) {
        InvalidScenario::refuse($this);
    }

    /**
     * @param  array{open?: Duration, arrivals?: Arrivals, menu?: list<Offer>, artists?: list<Artist>, turnaround?: Duration,
     *     rules?: LineRules}  $changed
     */
    public function with(array $changed): self
    {
        return new self(
            open: $changed['open'] ?? $this->open,
            arrivals: $changed['arrivals'] ?? $this->arrivals,
            menu: $changed['menu'] ?? $this->menu,
            artists: $changed['artists'] ?? $this->artists,
            turnaround: $changed['turnaround'] ?? $this->turnaround,
            rules: $changed['rules'] ?? $this->rules,
            turnaroundSpread: $this->turnaroundSpread,
        );
    }

    public function withoutOffer(int $offer): self
    {
        return $this->with([
            'menu' => array_values(array_diff_key($this->menu, [$offer => true])),
            'artists' => array_map(static fn (Artist $artist): Artist => $artist->without($offer), $this->artists),
        ]);
    }

    /** Whether anything has a quick version. */
    public function hasQuick(): bool
    {
        return array_filter($this->artists[0]->times, static fn (array $versions): bool => isset($versions[1])) !== [];
    }

    public function quickOnly(): self
    {
        $looks = static fn (Offer $offer): array => [$offer->looks[1] ?? $offer->looks[0]];

        return $this->with([
            'menu' => array_map(
                static fn (Offer $offer): Offer => new Offer($offer->id, $offer->weight, $offer->price, $looks($offer)),
                $this->menu,
            ),
            'artists' => array_map(static fn (Artist $artist): Artist => $artist->quickOnly(), $this->artists),
        ]);
    }

    /** The design that takes longest, all artists together. */
    public function longestOffer(): int
    {
        $long = array_map(fn (int $offer): int => $this->meanFace($offer)->milliseconds, array_keys($this->menu));

        return (int) array_search(max([0, ...$long]), $long, true);
    }

    /** How long a design takes in its usual version, the artists' mean. */
    public function meanFace(int $offer): Duration
    {
        $all = array_map(static fn (Artist $artist): int => $artist->times[$offer][0]->mean()->milliseconds, $this->artists);

        return Duration::ofMilliseconds((int) round(array_sum($all) / count($all)));
    }

    /** Opens so much earlier, with the same children spread over the longer time. */
    public function startingEarlier(Duration $by): self
    {
        $earlier = $by->milliseconds;

        return $this->with([
            'open' => $this->open->plus($by),
            'artists' => array_map(static function (Artist $artist) use ($earlier): Artist {
                // Whoever is there from the opening on comes earlier too.
                $later = array_map(
                    static fn (array $shift): array => [$shift[0] === 0 ? 0 : $shift[0] + $earlier, $shift[1] + $earlier],
                    $artist->shifts,
                );

                return $artist->sitting($later);
            }, $this->artists),
            'rules' => $this->rules->stopNamesAt === null
                ? $this->rules
                : $this->rules->stoppingNamesAt($this->rules->stopNamesAt->plus($by)),
        ]);
    }

    /**
     * The two hours in which most children come, from and until in milliseconds since the opening.
     *
     * @return array{int, int}
     */
    public function rush(): array
    {
        $length = min($this->open->milliseconds, Defaults::RUSH_HOURS * 3_600_000);
        $from = 0;
        for ($other = 0; $other + $length <= $this->open->milliseconds; $other += self::RUSH_STEP) {
            $from = $this->arrivals->until(($other + $length) / $this->open->milliseconds)
                - $this->arrivals->until($other / $this->open->milliseconds)
                > $this->arrivals->until(($from + $length) / $this->open->milliseconds)
                - $this->arrivals->until($from / $this->open->milliseconds) + 1e-9 ? $other : $from;
        }

        return [$from, $from + $length];
    }
}
