<?php

declare(strict_types=1);

namespace Core\Plan\Report;

/** Finished faces of one design, or of one painter. Times in milliseconds. */
final readonly class GroupOfFaces
{
    /** @param  non-empty-list<FaceTimes>  $faces */
    public function __construct(public string $name, public array $faces) {}

    /**
     * @param  list<FaceTimes>  $faces
     * @param  callable(FaceTimes): ?string  $nameOf  null for nobody's
     * @return list<self> the largest first
     */
    public static function by(array $faces, callable $nameOf): array
    {
        $groups = [];
        foreach ($faces as $face) {
            $name = $nameOf($face);
            if ($name !== null) {
                $groups[$name][] = $face;
            }
        }
        $groups = array_map(
            static fn (string $name, array $ofName): self => new self($name, $ofName),
            array_map(strval(...), array_keys($groups)),
            array_values($groups),
        );
        usort(
            $groups,
            static fn (self $one, self $other): int => [count($other->faces), $one->name] <=> [count($one->faces), $other->name],
        );

        return $groups;
    }

    public function mean(): int
    {
        return intdiv(array_sum(array_map(static fn (FaceTimes $face): int => $face->face(), $this->faces)), count($this->faces));
    }

    /** How many were painted within what was promised. */
    public function kept(): int
    {
        return count(array_filter(
            $this->faces,
            static fn (FaceTimes $face): bool => $face->promised === null || $face->face() <= $face->promised,
        ));
    }

    public function cents(): int
    {
        return array_sum(array_map(static fn (FaceTimes $face): int => $face->cents ?? 0, $this->faces));
    }

    /** What it earns in an hour of the chair, turnaround counted in. */
    public function centsAnHour(): int
    {
        $chair = array_sum(array_map(static fn (FaceTimes $face): int => $face->inChair(), $this->faces));

        return $chair === 0 ? 0 : intdiv($this->cents() * 3_600_000, $chair);
    }
}
