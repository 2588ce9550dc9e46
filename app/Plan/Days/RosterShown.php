<?php

declare(strict_types=1);

namespace App\Plan\Days;

use App\Http\Resources\Resource;
use App\Kit\Things\KitSheet;
use Core\Line\Seating\Shift;

/**
 * Who paints in the team, and who is meant to sit where on a day.
 *
 * @phpstan-type ShiftShown array{chair: int, painterId: string|null, from: int}
 *
 * @phpstan-import-type PainterName from KitSheet
 */
final readonly class RosterShown extends Resource
{
    /**
     * @param  list<PainterName>  $painters
     * @param  list<ShiftShown>  $shifts
     * @param  bool  $isAssumed  whether nobody has said so yet
     */
    public function __construct(public array $painters, public array $shifts, public bool $isAssumed) {}

    public static function of(DayRoster $roster): self
    {
        return new self(
            array_map(
                static fn (string $id, string $name): array => ['id' => $id, 'name' => $name],
                array_keys($roster->painters),
                array_values($roster->painters),
            ),
            array_map(static fn (Shift $shift): array => self::shift($shift), $roster->shifts),
            $roster->isAssumed,
        );
    }

    /** @return ShiftShown 0 for the beginning of the day; without a painter nobody sits there from then on */
    private static function shift(Shift $shift): array
    {
        return ['chair' => $shift->chair, 'painterId' => $shift->painter, 'from' => $shift->from->epochMilliseconds];
    }
}
