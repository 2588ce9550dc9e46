<?php

declare(strict_types=1);

namespace Core\Plan\Money;

use Core\Plan\Simulation\Tally;

/**
 * The same event paid face by face, or by the hour: what stays after way, place and materials, in the smallest unit of the currency. Who
 * is paid by the hour is thought to pay nothing for the place.
 */
final readonly class FaceOrHour
{
    /**
     * @param  list<int>  $byFace  what stays on each day that was played, the least first
     * @param  int  $byHour  what stays where the hours are paid
     * @param  int  $evenHour  for each artist's hour: with so much the two come to the same
     */
    private function __construct(public array $byFace, public int $byHour, public int $evenHour) {}

    /** @param  int  $offeredHour  for each artist's hour at the chair */
    public static function of(Rates $rates, Costs $costs, Work $work, int $offeredHour, Tally $tally): self
    {
        $way = 2 * $costs->kilometres * $rates->kilometre;
        $byFace = array_map(
            static fn (int $takings, int $faces): int => $takings - $faces * $rates->materials - $way - $costs->pitch,
            $tally->runs['takings'],
            $tally->runs['faces'],
        );
        sort($byFace);
        $hours = $work->painting->milliseconds / 3_600_000;
        $materials = $tally->meanFaces() * $rates->materials;
        $stays = array_sum($byFace) / count($byFace);

        return new self(
            byFace: $byFace,
            byHour: (int) round($offeredHour * $hours - $materials - $way),
            evenHour: $hours < 1e-9 ? 0 : max(0, (int) round(($stays + $materials + $way) / $hours)),
        );
    }

    public function mean(): int
    {
        return (int) round(array_sum($this->byFace) / count($this->byFace));
    }

    /** A share of days brings no more, paid by the face. */
    public function byFace(float $share): int
    {
        return $this->byFace[max(0, (int) ceil($share * count($this->byFace)) - 1)];
    }

    /** The share of days on which being paid by the face brings more. */
    public function faceWins(): float
    {
        return count(array_filter($this->byFace, fn (int $stays): bool => $stays > $this->byHour)) / count($this->byFace);
    }
}
