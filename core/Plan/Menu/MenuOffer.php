<?php

declare(strict_types=1);

namespace Core\Plan\Menu;

use Core\Design\Design;
use Core\Plan\Simulation\FaceTime;
use Core\Units\Duration;

/** A design at a chosen rung as it stands on a menu. */
final readonly class MenuOffer
{
    /**
     * @param  Design  $design  as it is painted: the version of the rung
     * @param  FaceTime  $face  how long that takes whoever paints it
     * @param  bool  $isLogged  whether the time rests on a log
     * @param  int|null  $price  in the smallest unit of the currency; null for none
     */
    public function __construct(
        public string $id,
        public string $name,
        public Design $design,
        public FaceTime $face,
        public bool $isLogged,
        public Duration $promise,
        public ?int $price = null,
        public ?MenuGroup $group = null,
    ) {}

    /** What it takes in an hour of nothing else, in the smallest unit of the currency. */
    public function takingsAnHour(Duration $turnaround): float
    {
        return ($this->price ?? 0) * 3_600_000 / max(1, $this->face->mean()->plus($turnaround)->milliseconds);
    }

    /**
     * The share of the artists' time that it takes when a third of the children want it, and the others spread over the rest.
     *
     * @param  list<self>  $menu
     */
    public function shareIfPopular(array $menu, Duration $turnaround): float
    {
        $others = array_filter($menu, fn (self $other): bool => $other->id !== $this->id);
        if ($others === []) {
            return 1.0;
        }
        $each = static fn (self $offer): int => $offer->face->mean()->plus($turnaround)->milliseconds;
        $rest = array_sum(array_map($each, $others)) / count($others);

        return $each($this) / max(1.0, $each($this) + 2.0 * $rest);
    }
}
