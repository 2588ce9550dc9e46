<?php

declare(strict_types=1);

namespace App\Line\Told;

use App\Http\Resources\Resource;
use App\Line\Offered\DesignOnDay;
use App\Line\Offered\OwnTime;

/**
 * A design that a child may ask for, or asked for when it was on the menu yet, with the plan that it would be painted by.
 *
 * @phpstan-type OwnPlan array{painterId: string, planId: string, plannedMs: int}
 */
final readonly class AskedDesign extends Resource
{
    /**
     * @param  list<OwnPlan>  $own  of painters who take another time than the team
     * @param  string  $versions  stands for its shorter versions and each painter's own: other ones have another
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?string $planId,
        public int $plannedMs,
        public array $own,
        public string $versions,
    ) {}

    public static function of(DesignOnDay $design): self
    {
        return new self(
            id: $design->id,
            name: $design->name,
            planId: $design->planId,
            plannedMs: $design->planned->milliseconds,
            own: array_map(
                static fn (OwnTime $own): array => [
                    'painterId' => $own->painterId, 'planId' => $own->planId, 'plannedMs' => $own->planned->milliseconds,
                ],
                $design->own,
            ),
            versions: $design->versions,
        );
    }
}
